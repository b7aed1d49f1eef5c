import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Button } from 'react-native-paper';
import { Foot } from '../../ui/Foot';
import { Notice } from '../../ui/Notice';
import { nothingHurts, PainPicks, painSaid, type PainAnswer } from '../../ui/PainPicks';
import { Pane } from '../../ui/Pane';
import { TitleRow } from '../../ui/Screen';

interface Props {
  title: string;
  /** What is known already. */
  told?: string | null;
  onAnswer: (answer: PainAnswer) => void;
  onLeave: () => void;
}

/** Asked before and after: nothing is one tap, everything else says where. */
export function PainQuestion({ title, told, onAnswer, onLeave }: Props) {
  const [answer, setAnswer] = useState(nothingHurts);
  return (
    <Pane
      foot={
        <Foot>
          <Button
            mode="contained"
            disabled={!painSaid(answer)}
            contentStyle={styles.tall}
            onPress={() => onAnswer(answer)}
          >
            {answer.level === 'none' ? 'Nothing hurts' : 'Go on'}
          </Button>
        </Foot>
      }
    >
      <TitleRow title={title} action={<Button onPress={onLeave}>Back</Button>} />
      {told ? <Notice alert>{told}</Notice> : null}
      <PainPicks value={answer} onChange={setAnswer} />
    </Pane>
  );
}

const styles = StyleSheet.create({ tall: { minHeight: 56 } });
