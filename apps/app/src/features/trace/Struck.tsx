import type { TracePage } from '@wrightonic/contract';
import { nodeName, removedNow } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { dayAt, dayWords } from '../../ui/words/days';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { WithReason } from './WithReason';

/** Links that do not hold for this athlete, with who said so and why; they can be taken up again. */
export function Struck({ athlete, strikes }: Pick<TracePage, 'athlete' | 'strikes'>) {
  const dispatch = useAppDispatch();
  const today = useToday();
  const { academy } = useMe();
  const [open, setOpen] = useState<string | null>(null);
  const now = removedNow(strikes);
  if (now.length === 0) return null;
  return (
    <Card>
      <Heading level={3}>{`Struck for ${athlete.givenName}`}</Heading>
      {now.map(({ id, cause, effect, reason, by, at }) => (
        <View key={id} style={styles.one}>
          <Text>
            <Text variant="labelLarge">{`${nodeName(cause)} causes ${nodeName(effect)}`}</Text>
            {`: ${reason} ${by}, ${dayWords(dayAt(new Date(at), academy.zone), today)}.`}
          </Text>
          {open === id ? (
            <WithReason
              label="Why does it hold again?"
              action="Take it up again"
              onDone={(why) => {
                dispatch(
                  log(athlete.id, 'link-struck', {
                    athleteId: athlete.id,
                    cause,
                    effect,
                    struck: false,
                    reason: why,
                  }),
                );
                setOpen(null);
              }}
              onLeave={() => setOpen(null)}
            />
          ) : (
            <Button
              mode="text"
              compact
              style={styles.start}
              accessibilityLabel={`Take up again: ${nodeName(cause)} causes ${nodeName(effect)}`}
              onPress={() => setOpen(id)}
            >
              Take it up again
            </Button>
          )}
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({ one: { gap: 2 }, start: { alignSelf: 'flex-start' } });
