import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Button } from 'react-native-paper';
import { Foot } from '../../ui/Foot';
import { nothingHurts, PainPicks, painSaid, type PainAnswer } from '../../ui/PainPicks';
import { Pane } from '../../ui/Pane';
import { TitleRow } from '../../ui/Screen';

interface Props {
  title: string;
  onAnswer: (answer: PainAnswer) => void;
  onLeave: () => void;
}

/** Asked before and after: nothing is one tap, everything else says where. */
export function PainQuestion({ title, onAnswer, onLeave }: Props) {
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
      <PainPicks value={answer} onChange={setAnswer} />
    </Pane>
  );
}

const styles = StyleSheet.create({ tall: { minHeight: 56 } });
