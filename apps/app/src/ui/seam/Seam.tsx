import type { Discipline, Findings, Phase } from '@wrightonic/core';
import { seamLayout, stitchLayers } from '@wrightonic/core/seam';
import { memo, useMemo, useState } from 'react';
import { Pressable, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Circle, Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';
import { columnWidth } from '../Screen/Pane';
import { StitchLayers } from './Stitches';
import { phaseNames, seamWords } from './words';

const sizes = {
  tiny: { height: 36, stitch: 3.2, names: false },
  row: { height: 84, stitch: 5, names: true },
  large: { height: 112, stitch: 6.5, names: true },
} as const;

interface Props {
  discipline: Discipline;
  findings: Findings;
  size: keyof typeof sizes;
  /** Said before the reading of the seam, such as whose it is. */
  label?: string;
  /** Read aloud without the names of flaws, for a family. */
  unnamed?: boolean;
  /** Checkpoints that stand out. */
  marked?: readonly string[];
  /** Grades of earlier looks: drawn lighter. */
  faint?: readonly { id: string }[];
  phase?: Phase | null;
  onPhase?: (phase: Phase) => void;
}

/** On a phone a seam is as wide as its screen or card leaves it: drawn so at once, and anew only if it is not. */
const likelyWidth = (size: keyof typeof sizes, screen: number): number =>
  screen >= 900 ? 0 : Math.min(screen, columnWidth) - (size === 'tiny' ? 62 : 32);

/** The delivery as a line of stitches. With `onPhase` each phase can be tapped. */
export const Seam = memo(function Seam(props: Props) {
  const { discipline, findings, size, label, unnamed, marked = [], faint, phase, onPhase } = props;
  const own = useColours();
  const { height, stitch, names } = sizes[size];
  const screen = useWindowDimensions().width;
  const [width, setWidth] = useState(() => likelyWidth(size, screen));
  const layout = useMemo(
    () =>
      seamLayout(discipline, findings, {
        width: Math.max(width, 100),
        height,
        margin: size === 'tiny' ? 4 : 10,
      }),
    [discipline, findings, width, height, size],
  );
  const stitches = useMemo(() => stitchLayers(layout.stitches, stitch, faint), [layout, stitch, faint]);
  const places = useMemo(() => tapped(layout.zones), [layout]);
  const words = `${label ? `${label}. ` : ''}${seamWords(discipline, findings, unnamed)}`;
  return (
    <View style={styles.root} onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}>
      <View style={{ height }} role="img" aria-label={words}>
        {width > 0 ? (
          <Svg width={width} height={height} aria-hidden>
            {phase && onPhase ? (
              <PhaseMark zones={layout.zones} phase={phase} height={height} fill={own.amberSunk} />
            ) : null}
            <Path d={layout.line} stroke={own.line} strokeWidth={size === 'tiny' ? 1 : 1.6} fill="none" />
            {layout.stitches.map(({ id, x, y }) =>
              marked.includes(id) ? (
                <Circle
                  key={id}
                  cx={x}
                  cy={y}
                  r={stitch * 1.5}
                  fill={own.amberSunk}
                  stroke={own.amber}
                  strokeWidth={1.5}
                />
              ) : null,
            )}
            <StitchLayers layers={stitches} size={stitch} />
          </Svg>
        ) : null}
      </View>
      {names && width > 0 ? (
        <View style={styles.names}>
          {layout.zones.map((zone) => {
            const place = places[zone.phase]!;
            const name = (
              <Text variant="titleSmall" style={[styles.name, phase === zone.phase ? styles.now : null]}>
                {phaseNames[zone.phase]}
              </Text>
            );
            return onPhase ? (
              <Pressable
                key={zone.phase}
                role="button"
                aria-label={phaseNames[zone.phase]!}
                aria-pressed={phase === zone.phase}
                onPress={() => onPhase(zone.phase)}
                style={[styles.zone, place, { top: -height, height: height + 26, paddingTop: height }]}
              >
                {name}
              </Pressable>
            ) : (
              <View key={zone.phase} style={[styles.zone, place]}>
                {name}
              </View>
            );
          })}
        </View>
      ) : null}
    </View>
  );
});

/** What a thumb needs. */
const thumb = 44;

/** Where each phase is tapped: narrow ones get the width of a thumb from the wide ones. */
function tapped(zones: readonly { phase: Phase; from: number; to: number }[]) {
  const widths = zones.map(({ from, to }) => to - from);
  const sum = (values: number[]) => values.reduce((a, b) => a + b, 0);
  const lacking = sum(widths.map((width) => Math.max(0, thumb - width)));
  const spare = sum(widths.map((width) => Math.max(0, width - thumb)));
  const left = spare > lacking ? 1 - lacking / spare : 1;
  let at = zones[0]?.from ?? 0;
  const places: Partial<Record<Phase, { left: number; width: number }>> = {};
  for (const [n, { phase }] of zones.entries()) {
    const width = widths[n]! < thumb ? thumb : thumb + (widths[n]! - thumb) * left;
    places[phase] = { left: at, width };
    at += width;
  }
  return places;
}

function PhaseMark(props: {
  zones: { phase: Phase; from: number; to: number }[];
  phase: Phase;
  height: number;
  fill: string;
}) {
  const zone = props.zones.find(({ phase }) => phase === props.phase);
  if (!zone) return null;
  return (
    <Path d={`M${zone.from} 0H${zone.to}V${props.height}H${zone.from}Z`} fill={props.fill} opacity={0.6} />
  );
}

const styles = StyleSheet.create({
  root: { width: '100%' },
  names: { height: 26 },
  zone: { position: 'absolute', top: 0, alignItems: 'center' },
  name: { textAlign: 'center', width: 64, fontSize: 15 },
  now: { textDecorationLine: 'underline' },
});
