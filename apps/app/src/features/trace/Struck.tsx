import type { TracePage } from '@wrightonic/contract';
import { nodeName, removedNow } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { dayAt, dayWords } from '../../ui/words/days';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { WithReason } from './WithReason';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

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
      <Heading level={3}>{texts.struckFor(athlete.givenName)}</Heading>
      {now.map(({ id, cause, effect, reason, by, at }) => (
        <View key={id} style={styles.one}>
          <Text>
            <Text variant="labelLarge">{texts.causes2(nodeName(cause), nodeName(effect))}</Text>
            {`: ${reason} ${by}, ${dayWords(dayAt(new Date(at), academy.zone), today)}.`}
          </Text>
          {open === id ? (
            <WithReason
              label={texts.whyDoesItApply}
              action={texts.restoreLink}
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
              accessibilityLabel={texts.restoreCauses(nodeName(cause), nodeName(effect))}
              onPress={() => setOpen(id)}
            >
              {texts.restoreLink}
            </Button>
          )}
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({ one: { gap: 2 }, start: { alignSelf: 'flex-start' } });
