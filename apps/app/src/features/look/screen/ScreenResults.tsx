import type { LookPage, ScreenRecord } from '@wrightonic/contract';
import { limits, screenTestOf, shownUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { useWhom } from '../../../ui/hooks/useWhom';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { StitchSign } from '../../../ui/seam/Stitches';
import { gradeWords, resultOf, retestWords, shortWords } from './run';
import { texts } from './texts';

interface Props {
  athlete: LookPage['athlete'];
  record: ScreenRecord;
}

const plain = (value: number): string => String(Number(value.toFixed(1)));

/** What a screen found: what to refer first, then each limit with its grade and margin. */
export function ScreenResults({ athlete, record }: Props) {
  const own = useColours();
  const { limits: found, refer, power, differences } = resultOf(record, athlete, useWhom(athlete));
  const { sizeUnit } = useMe().person;
  const say = (value: number, unit: string) => {
    const shown = shownUnit(unit, sizeUnit);
    return `${shown.show(value)} ${shown.unit}`;
  };
  const offBy = (error: number | null, unit: string) => {
    const shown = error === null ? 0 : shownUnit(unit, sizeUnit).show(error);
    return shown ? ` ± ${shown}` : '';
  };
  const worst = [...found].sort((a, b) => (b.severity ?? -1) - (a.severity ?? -1));
  return (
    <>
      {refer.map(({ test, why }) => (
        <Notice key={test} alert>
          <Text variant="labelLarge">
            {texts.askALicensedClinician(screenTestOf(test)?.name ?? texts.shoulderArc)}
          </Text>
          <Text>{`${why}.`}</Text>
        </Notice>
      ))}
      <Card>
        <Heading level={3}>{texts.whatTheBodyAllows}</Heading>
        {worst.map((limit) => {
          const { name, unit, side } = limits.find(({ id }) => id === limit.id)!;
          return (
            <View key={limit.id} style={styles.line}>
              {limit.severity === null ? (
                <View style={styles.sign} />
              ) : (
                <StitchSign grade={limit.severity} size={4} ink={limit.severity ? own.clay : own.ink} />
              )}
              <View style={styles.grow}>
                <Text variant="labelLarge">{name}</Text>
                <Text variant="bodySmall">
                  {[
                    `${say(limit.value, unit)}${offBy(limit.error, unit)}: ${gradeWords(limit, unit, sizeUnit)}`,
                    shortWords(limit, athlete.throws),
                    retestWords(record, { test: limit.test, side: limit.side ?? side }, (value) =>
                      say(value, unit),
                    ),
                  ]
                    .filter(Boolean)
                    .join('; ')}
                </Text>
              </View>
            </View>
          );
        })}
      </Card>
      {differences.length ? (
        <Card>
          <Heading level={3}>{texts.sideAgainstSide}</Heading>
          {differences.map(({ test, difference, usual }) => (
            <Text key={test}>
              <Text variant="labelLarge">{screenTestOf(test)!.name}</Text>
              {texts.degApartUp(plain(difference), usual, difference, 2 * usual)}
            </Text>
          ))}
        </Card>
      ) : null}
      {power ? (
        <Card>
          <Heading level={3}>{texts.jumpAndWeight}</Heading>
          <Text variant="titleLarge">{`${Math.round(power.watts)} W`}</Text>
          <Text>
            {texts.ofWTheMiddle(
              Math.round(100 * power.ratio),
              Math.round(power.reference),
              power.from === 'broad-jump' ? texts.fromABroadJump(power.basis.replace(': edit', '')) : '',
              athlete.age,
            )}
          </Text>
        </Card>
      ) : found.some(({ id }) => id === 'lim.power') ? (
        <Text variant="bodySmall">{texts.theJumpIsRecorded}</Text>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  sign: { width: 24 },
  grow: { flex: 1 },
});
