import type { LookRecord } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { agoWords } from '../../ui/words/days';
import { Heading } from '../../ui/Screen/Screen';
import { severityNames } from '../../ui/seam/words';
import { texts } from './texts';

/** A finished look in words, the worst first. */
export function LookRead({ look, count }: { look: LookRecord; count: number }) {
  const today = useToday();
  const grades = Object.entries(look.findings);
  const wrong = grades.filter(([, grade]) => grade > 0).sort((a, b) => b[1] - a[1]);
  return (
    <>
      <Text variant="bodyLarge">
        {texts.lookedAtByCheckpoints(
          agoWords(look.date, today),
          look.by,
          grades.length,
          wrong.length || 'none',
          count,
        )}
      </Text>
      {wrong.length ? (
        <Card>
          <Heading>{texts.notClean}</Heading>
          {wrong.map(([id, grade]) => (
            <Text key={id}>
              <Text variant="labelLarge">{nodeName(id)}</Text>
              {`, ${severityNames[grade]}`}
            </Text>
          ))}
        </Card>
      ) : null}
    </>
  );
}
