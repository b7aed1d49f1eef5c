import type { ProgressEntry } from '@wrightonic/contract';
import { digitsApart, velocityIn, type VelocityUnit } from '@wrightonic/core';
import { Link } from 'expo-router';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import { changeOf } from './order';
import { texts } from './texts';

interface Props {
  entry: ProgressEntry;
  unit: VelocityUnit;
  /** As far as the strip reaches to each side, m/s. */
  reach: number;
}

const strip = { width: 160, height: 28 };
const middle = strip.width / 2;
const edge = 8;

const verdictWords: Readonly<Record<ProgressEntry['verdict'], string>> = {
  faster: texts.faster,
  slower: texts.slower,
  unchanged: texts.noRealChange,
  'one session': texts.measuredOnce,
  'not measured': texts.notMeasured,
};

/** A change with the one above which it is real, m/s. */
function changeWords(verdict: string, change: number, needed: number, unit: VelocityUnit): string {
  const [by, above] = [Math.abs(velocityIn(change, unit)), velocityIn(needed, unit)];
  const digits = digitsApart(by, above);
  return texts.realAbove(verdict, change < 0 ? '−' : '+', by.toFixed(digits), unit, above.toFixed(digits));
}

/** One athlete: the change as a dot over the band of what is no real change, and what was done at home. */
export const StripLine = memo(function StripLine({ entry, unit, reach }: Props) {
  const own = useColours();
  const { id, givenName, familyName, verdict, needed, home, simulated } = entry;
  const change = changeOf(entry);
  const px = (value: number) => (reach > 0 ? (value / reach) * (middle - edge) : 0);
  const words =
    change === null ? verdictWords[verdict] : changeWords(verdictWords[verdict], change, needed!, unit);
  const atHome = home.assigned
    ? texts.homeOf(home.done, home.assigned, home.late ? texts.late(home.late) : '')
    : texts.nothingAssignedAtHome;
  const real = verdict === 'faster' || verdict === 'slower';
  return (
    <Link href={`/athletes/${id}/prove`} push asChild>
      <Pressable
        role="link"
        style={StyleSheet.flatten([styles.line, { backgroundColor: own.surface, borderColor: own.line }])}
      >
        <View style={styles.grow}>
          <Text variant="titleMedium" numberOfLines={1}>{`${givenName} ${familyName}`}</Text>
          <Text variant="bodySmall">{`${words}${simulated ? texts.someOfItSimulated : ''}`}</Text>
          <Text variant="bodySmall">{atHome}</Text>
        </View>
        <Svg {...strip} aria-hidden>
          <Line x1={0} x2={strip.width} y1={14} y2={14} stroke={own.line} />
          {needed === null ? null : (
            <Rect
              x={middle - px(needed)}
              y={6}
              width={2 * px(needed)}
              height={16}
              rx={3}
              fill={own.sunk}
              stroke={own.line}
            />
          )}
          <Line x1={middle} x2={middle} y1={2} y2={26} stroke={own.ink} strokeWidth={1} />
          {change === null ? null : (
            <Circle
              cx={middle + px(change)}
              cy={14}
              r={6}
              fill={real ? own.dusk : own.surface}
              stroke={own.dusk}
              strokeWidth={2}
            />
          )}
        </Svg>
      </Pressable>
    </Link>
  );
});

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, padding: 10, borderWidth: 1, borderRadius: 8 },
  grow: { flex: 1, minWidth: 0 },
});
