import { nodeName, nodeOf, type Discipline, type Findings, type Root, type Trace } from '@wrightonic/core';
import { stitchLayers, type Stitch } from '@wrightonic/core/seam';
import { memo, useMemo } from 'react';
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { faces } from '../../theme/faces';
import { useColours } from '../../theme/theme';
import { useWidth } from '../../ui/hooks/useWidth';
import { chainOf, nearest, tracePicture, type Chosen, type Peg, type Ribbon } from '../../ui/seam/picture';
import { StitchLayers } from '../../ui/seam/Stitches';
import { phaseNames } from '../../ui/seam/words';

interface Props {
  discipline: Discipline;
  findings: Findings;
  flows: Trace['flows'];
  roots: readonly Root[];
  /** Read aloud; the picture is said in words beside it. */
  label: string;
  /** The focuses. */
  marked: readonly string[];
  /** Grades of earlier looks: drawn lighter. */
  faint?: readonly { id: string }[];
  chosen: Chosen | null;
  onChoose?: (chosen: Chosen | null) => void;
  /** With names at the stitches, and larger. */
  grand: boolean;
  /** Lower, where it shares a small screen. */
  low?: boolean;
  /** Where it is not as wide as the place it stands in. */
  width?: number;
}

/** Names stand at so many stitches, those that explain most; more would lie on one another. */
const mostNames = 20;
const nameRoom = 150;
const nameWidth = 16;
const phaseRoom = 24;

/** The stitches whose names have room, those that explain most first. */
function namesAt(stitches: readonly Stitch[], roots: readonly Root[]): Set<string> {
  const placed: Stitch[] = [];
  for (const { id } of roots.slice(0, mostNames)) {
    const stitch = stitches.find((each) => each.id === id);
    if (stitch && placed.every(({ x }) => Math.abs(x - stitch.x) >= nameWidth)) placed.push(stitch);
  }
  return new Set(placed.map(({ id }) => id));
}

/** Two lines at most, broken where it fits. */
function broken(name: string): [string, string] {
  if (name.length <= 18) return [name, ''];
  const at = name.lastIndexOf(' ', Math.max(18, Math.ceil(name.length / 2)));
  return at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at + 1)];
}

interface NamesProps {
  stitches: readonly Stitch[];
  /** Those whose names have room. */
  named: ReadonlySet<string>;
  marked: readonly string[];
}

/** Names above the stitches, aslant. */
function StitchNames({ stitches, named, marked }: NamesProps) {
  const own = useColours();
  return stitches.map(({ id, name, x, y, grade }) => {
    if (!named.has(id) || !grade) return null;
    const from = { x: x + 3, y: y - 12 - grade * 9 };
    return (
      <SvgText
        key={id}
        x={from.x}
        y={from.y}
        rotation={-50}
        originX={from.x}
        originY={from.y}
        fontFamily={marked.includes(id) ? faces.bold : faces.text}
        fontSize={13}
        fill={own.ink}
      >
        {name}
      </SvgText>
    );
  });
}

type Zones = ReturnType<typeof tracePicture>['layout']['zones'];

/** Where one phase ends and the next begins. */
function PhaseLines({ zones, from: y1, to: y2 }: { zones: Zones; from: number; to: number }) {
  const own = useColours();
  return zones
    .slice(1)
    .map(({ phase, from }) => (
      <Line
        key={phase}
        x1={from}
        x2={from}
        y1={y1}
        y2={y2}
        stroke={own.line}
        strokeWidth={0.6}
        strokeDasharray="2 4"
      />
    ));
}

/** Names of the phases above the seam. */
function PhaseNames({ zones, small }: { zones: Zones; small: boolean }) {
  const own = useColours();
  return (
    <View style={styles.names} pointerEvents="none" aria-hidden>
      {zones.map(({ phase, from, to }) => (
        <Text
          key={phase}
          variant="titleSmall"
          style={[
            styles.name,
            { left: from, width: to - from, color: own.inkSoft },
            small ? styles.small : null,
          ]}
        >
          {phaseNames[phase]}
        </Text>
      ))}
    </View>
  );
}

/** The seam with the threads of the trace below it, what the body allows and what the ball shows. */
export const TracePicture = memo(function TracePicture(props: Props) {
  const {
    discipline,
    findings,
    flows,
    roots,
    label,
    marked,
    chosen,
    onChoose,
    grand,
    low = false,
    faint,
  } = props;
  const own = useColours();
  const { width: measured, frame } = useWidth();
  const width = props.width ?? measured;
  const stitch = grand ? 8 : 6.5;
  const top = phaseRoom + (grand ? nameRoom : 0);
  const picture = useMemo(
    () =>
      tracePicture(discipline, findings, flows, {
        width: Math.max(width, 200),
        seam: grand ? 120 : low ? 84 : 104,
        depth: grand ? (low ? 170 : 230) : low ? 108 : 168,
        thickest: grand ? 13 : 9,
        maxWidth: grand ? 18 : 12,
        pegRoom: grand ? 62 : 32,
        ...(grand ? { right: 104, named: true } : {}),
      }),
    [discipline, findings, flows, width, grand, low],
  );
  const { layout, pegs, ribbons, height } = picture;
  const stitches = useMemo(() => stitchLayers(layout.stitches, stitch, faint), [layout, stitch, faint]);
  const chain = useMemo(
    () => (chosen && 'node' in chosen ? chainOf(flows, chosen.node) : null),
    [chosen, flows],
  );
  const isOn = ({ cause, effect, strong }: Ribbon): boolean =>
    !chosen
      ? strong
      : chain
        ? chain.has(`${cause} ${effect}`)
        : 'cause' in chosen && chosen.cause === cause && chosen.effect === effect;
  const inkOf = (cause: string): string => {
    const node = nodeOf(cause);
    return node?.type === 'flaw' ? (node.thread === 'lower' ? own.grass : own.clay) : own.dusk;
  };
  const tapped = (event: GestureResponderEvent) => {
    const { clientX, clientY, detail } = event.nativeEvent as unknown as MouseEvent;
    // A key has no place: it lights what explains most, and puts it out again. Each thread stands in words as well.
    if (!detail) return onChoose?.(chosen || !roots[0] ? null : { node: roots[0].id });
    const box = (event.currentTarget as unknown as HTMLElement).getBoundingClientRect();
    const point = { x: clientX - box.left, y: clientY - box.top - top };
    const found = nearest(picture, point);
    onChoose?.(JSON.stringify(found) === JSON.stringify(chosen) ? null : found);
  };
  const named = useMemo(() => namesAt(layout.stitches, roots), [layout, roots]);
  const drawing =
    width > 0 ? (
      <Svg width={width} height={height + top} aria-hidden pointerEvents="none">
        <G y={top}>
          <PhaseLines zones={layout.zones} from={8 - top + phaseRoom} to={layout.height - 4} />
          {ribbons.map((ribbon) => (
            <Path
              key={`${ribbon.cause} ${ribbon.effect}`}
              d={ribbon.path}
              fill={inkOf(ribbon.cause)}
              opacity={isOn(ribbon) ? (chosen ? 0.95 : 0.62) : chosen ? 0.1 : 0.16}
            />
          ))}
          <Path d={layout.line} stroke={own.line} strokeWidth={1.8} fill="none" />
          {layout.stitches.map(({ id, x, y }) =>
            marked.includes(id) || (chosen && 'node' in chosen && chosen.node === id) ? (
              <Circle
                key={id}
                cx={x}
                cy={y}
                r={stitch * 1.5}
                fill={own.amberSunk}
                stroke={marked.includes(id) ? own.amber : own.ink}
                strokeWidth={1.5}
              />
            ) : null,
          )}
          <StitchLayers layers={stitches} size={stitch} />
          {grand ? <StitchNames stitches={layout.stitches} named={named} marked={marked} /> : null}
          {pegs.map((peg) => (
            <PegSign
              key={peg.id}
              peg={peg}
              on={chosen !== null && 'node' in chosen && chosen.node === peg.id}
              focus={marked.includes(peg.id)}
              named={grand && pegs.length <= 8}
            />
          ))}
        </G>
      </Svg>
    ) : null;
  const shape = { height: height + top };
  return (
    <View style={styles.root} {...frame}>
      {onChoose ? (
        <Pressable role="button" aria-label={label} onPress={tapped} style={shape}>
          {drawing}
        </Pressable>
      ) : (
        <View role="img" aria-label={label} style={shape}>
          {drawing}
        </View>
      )}
      {width > 0 ? <PhaseNames zones={layout.zones} small={!grand} /> : null}
    </View>
  );
});

/** A limit is a square, a symptom a ball; the figure in it is the grade. */
interface PegProps {
  peg: Peg;
  on: boolean;
  focus: boolean;
  named: boolean;
}

function PegSign({ peg: { id, kind, grade, x, y }, on, focus, named }: PegProps) {
  const own = useColours();
  const [first, second] = broken(nodeName(id));
  const text = { x, textAnchor: 'middle', fontFamily: faces.text, fontSize: 12, fill: own.ink } as const;
  const paint = {
    fill: on || focus ? own.amberSunk : own.surface,
    stroke: focus ? own.amber : kind === 'body' ? own.dusk : own.clay,
    strokeWidth: on || focus ? 3 : 2,
  };
  return (
    <G>
      {kind === 'body' ? (
        <Rect x={x - 10} y={y - 10} width={20} height={20} rx={4} {...paint} />
      ) : (
        <Circle cx={x} cy={y} r={11} {...paint} />
      )}
      <SvgText x={x} y={y + 4.5} textAnchor="middle" fontFamily={faces.bold} fontSize={13} fill={own.ink}>
        {String(grade)}
      </SvgText>
      {named ? (
        <>
          <SvgText {...text} y={y + 27}>
            {first}
          </SvgText>
          <SvgText {...text} y={y + 41}>
            {second}
          </SvgText>
        </>
      ) : null}
    </G>
  );
}

const styles = StyleSheet.create({
  root: { width: '100%' },
  names: { position: 'absolute', left: 0, right: 0, top: 0 },
  name: { position: 'absolute', textAlign: 'center' },
  small: { fontSize: 13 },
});
