import type { TracePage } from '@wrightonic/contract';
import {
  bodyShare,
  habitWords,
  limits,
  nodeName,
  nodeOf,
  percent,
  screenTestOf,
  type Focus,
  type Trace,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { testPath } from './Settle';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athlete: TracePage['athlete'];
  result: Trace;
  focus: Focus;
}

/** Whether a flaw is a habit to retrain or a body that cannot get there, and what to test before saying so. */
export function BodyOrHabit({ athlete, result, focus }: Props) {
  const own = useColours();
  const limitedFlaws = [...new Set(result.bodyFirst.map(({ flaw }) => flaw))];
  const focuses = [focus.lower, focus.arm].filter(
    (id) => id !== null && nodeOf(id)?.type === 'flaw',
  ) as string[];
  const flaws = [...new Set([...focuses, ...limitedFlaws])];
  const first = result.testFirst.filter(
    ({ limit }, n, all) => all.findIndex((each) => each.limit === limit) === n,
  );
  if (flaws.length === 0) return null;
  return (
    <Card>
      <Heading level={3}>{texts.bodyOrHabit}</Heading>
      {flaws.map((flaw) => {
        const shares = result.bodyShares.filter((each) => each.flaw === flaw);
        const sum = shares.reduce((sum, { share }) => sum + share, 0);
        const bodyFirst = shares.some(({ share }) => share >= bodyShare);
        return (
          <View key={flaw} style={styles.one}>
            <View style={styles.row}>
              <Text variant="labelLarge" style={styles.grow}>
                {nodeName(flaw)}
              </Text>
              <Text variant="labelMedium">{texts.body(percent(sum))}</Text>
            </View>
            <View style={[styles.track, { backgroundColor: own.sunk }]}>
              {shares.map(({ limit, share }) => (
                <View
                  key={limit}
                  style={{ width: `${100 * share}%`, height: 8, backgroundColor: own.dusk, marginRight: 1 }}
                />
              ))}
              <View style={[styles.third, { backgroundColor: own.ink }]} />
            </View>
            {bodyFirst ? <Text variant="labelMedium">{texts.theBodyMayNot}</Text> : null}
            <Text variant="bodySmall">{habitWords(flaw, result.bodyShares)}</Text>
          </View>
        );
      })}
      {first.length ? (
        <Notice icon="human">
          <Text variant="labelLarge">{texts.testThisFirst}</Text>
          {first.slice(0, 4).map(({ limit, flaw, weight }) => {
            const path = testPath(athlete.id, limit);
            const test = limits.find(({ id }) => id === limit)!.test;
            const name = screenTestOf(test)?.name ?? texts.shoulderArc;
            return (
              <View key={limit} style={styles.one}>
                <Text>{texts.wasNeverTested(nodeName(limit), percent(weight), nodeName(flaw))}</Text>
                <Button
                  mode="outlined"
                  style={styles.start}
                  accessibilityLabel={texts.testNow2(name, nodeName(limit))}
                  onPress={() => path && router.navigate(path)}
                >
                  {texts.testNow3(name)}
                </Button>
              </View>
            );
          })}
        </Notice>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  one: { gap: 3 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  grow: { flex: 1 },
  track: { flexDirection: 'row', height: 8, borderRadius: 4, overflow: 'hidden' },
  third: { position: 'absolute', left: '33.3%', width: 2, height: 8 },
  start: { alignSelf: 'flex-start' },
});
