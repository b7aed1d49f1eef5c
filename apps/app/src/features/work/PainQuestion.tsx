import { painSites, type PainSite } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Choices } from '../../ui/Choices';
import { Foot } from '../../ui/Foot';
import { Notice } from '../../ui/Notice';
import { Pane } from '../../ui/Pane';
import { TitleRow } from '../../ui/Screen';

export interface PainAnswer {
  level: 'none' | 'soreness' | 'pain';
  score: number | null;
  site: PainSite | null;
}

interface Props {
  title: string;
  onAnswer: (answer: PainAnswer) => void;
  onLeave: () => void;
}

const scores = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** Asked before and after: nothing is one tap, everything else says where. */
export function PainQuestion({ title, onAnswer, onLeave }: Props) {
  const [level, setLevel] = useState<'soreness' | 'pain' | null>(null);
  const [site, setSite] = useState<PainSite | null>(null);
  const [score, setScore] = useState<number | null>(null);
  const complete = site !== null && (level === 'pain' || score !== null);
  return (
    <Pane
      foot={
        <Foot>
          {level ? (
            <Button
              mode="contained"
              disabled={!complete}
              contentStyle={styles.tall}
              onPress={() => onAnswer({ level, site, score: level === 'soreness' ? score : null })}
            >
              Go on
            </Button>
          ) : (
            <Button
              mode="contained"
              contentStyle={styles.tall}
              onPress={() => onAnswer({ level: 'none', site: null, score: null })}
            >
              Nothing hurts
            </Button>
          )}
        </Foot>
      }
    >
      <TitleRow title={title} action={<Button onPress={onLeave}>Back</Button>} />
      <Choices<'soreness' | 'pain' | null>
        label="What it is"
        value={level}
        onChange={(chosen) => setLevel(chosen === level ? null : chosen)}
        options={[
          { value: 'soreness', text: 'Soreness' },
          { value: 'pain', text: 'Pain' },
        ]}
      />
      {level ? (
        <Choices<PainSite | null>
          label="Where"
          shown
          value={site}
          onChange={setSite}
          options={painSites.map((each) => ({ value: each, text: each }))}
        />
      ) : null}
      {level === 'soreness' ? (
        <Choices<number | null>
          label="How much, 1 to 10"
          shown
          value={score}
          onChange={setScore}
          options={scores.map((n) => ({ value: n, text: String(n) }))}
        />
      ) : null}
      {level === 'pain' ? (
        <Notice>
          Pain stops the session. Ask a licensed clinician before going on. With pain in the elbow or
          shoulder, throwing drills stay locked today.
        </Notice>
      ) : null}
      <Text variant="bodySmall">
        Soreness is stiff or tired muscle; pain is anything sharp, or in a joint.
      </Text>
    </Pane>
  );
}

const styles = StyleSheet.create({ tall: { minHeight: 56 } });
