import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice } from '../../ui/Notice/Notice';
import { nothingHurts, PainPicks, painSaid, type PainAnswer } from '../../ui/form/PainPicks';
import { Pane } from '../../ui/Screen/Pane';
import { TitleRow } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  title: string;
  /** What is known already. */
  reported?: string | null;
  onAnswer: (answer: PainAnswer) => void;
  onLeave: () => void;
}

/** Asked before and after: nothing is one tap, everything else says where. */
export function PainQuestion({ title, reported, onAnswer, onLeave }: Props) {
  const [answer, setAnswer] = useState(nothingHurts);
  return (
    <Pane
      foot={
        <ActionBar>
          <Button
            mode="contained"
            disabled={!painSaid(answer)}
            contentStyle={styles.tall}
            onPress={() => onAnswer(answer)}
          >
            {answer.level === 'none' ? texts.nothingHurts : texts.continue}
          </Button>
        </ActionBar>
      }
    >
      <TitleRow title={title} action={<Button onPress={onLeave}>{texts.back}</Button>} />
      {reported ? <Notice alert>{reported}</Notice> : null}
      <PainPicks value={answer} onChange={setAnswer} />
    </Pane>
  );
}

const styles = StyleSheet.create({ tall: { minHeight: 56 } });
