import { armOnRight, spotHalf, type Hand, type Spot, type ZoneView } from '@wrightonic/core';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { useWidth } from '../../../ui/hooks/useWidth';
import { seenX } from './typed';
import { texts } from './texts';

interface Props {
  label: string;
  view: ZoneView;
  hand: Hand;
  aim: Spot | null;
  /** Earlier throws, newest last. */
  marks: readonly { arrived: Spot; hit: boolean }[];
  /** A tap, anywhere in the picture. */
  onTap?: (spot: Spot) => void;
  size?: number;
}

/** Picture edge, in half widths of the zone. */
const edge = 2.1;
const cells = [-2 * spotHalf, 0, 2 * spotHalf];

/** The zone as the pitcher or the catcher sees it, with its nine spots and room around it for what missed. */
export function ZonePicture({ label, view, hand, aim, marks, onTap, size: maxSize = 320 }: Props) {
  const own = useColours();
  const { width, frame } = useWidth();
  const size = Math.min(width || maxSize, maxSize);
  const right = armOnRight(hand, view);
  const at = (value: number) => ((value + edge) / (2 * edge)) * size;
  const tapped = (event: GestureResponderEvent) => {
    const { clientX, clientY, detail } = event.nativeEvent as unknown as MouseEvent;
    // A key has no place; there is a line to type for that.
    if (!detail) return;
    const box = (event.currentTarget as unknown as HTMLElement).getBoundingClientRect();
    onTap?.({
      x: seenX(((clientX - box.left) / box.width) * 2 * edge - edge, view),
      y: edge - ((clientY - box.top) / box.height) * 2 * edge,
    });
  };
  const drawing = (
    <Svg width={size} height={size} aria-hidden pointerEvents="none">
      <Rect x={0} y={0} width={size} height={size} fill={own.surface} stroke={own.line} rx={8} />
      {cells.flatMap((x) =>
        cells.map((y) => (
          <Rect
            key={`${x} ${y}`}
            x={at(x - spotHalf)}
            y={at(-y - spotHalf)}
            width={at(spotHalf) - at(-spotHalf)}
            height={at(spotHalf) - at(-spotHalf)}
            fill={own.surface}
            stroke={own.line}
          />
        )),
      )}
      <Rect
        x={at(-1)}
        y={at(-1)}
        width={at(1) - at(-1)}
        height={at(1) - at(-1)}
        fill="none"
        stroke={own.ink}
        strokeWidth={2.5}
      />
      {/* The point of the plate is toward the catcher: far away from the pitcher and so above, near in the other view. */}
      <Path
        d={
          view === 'pitcher'
            ? `M${at(-1)} ${at(2)}H${at(1)}V${at(1.9)}L${at(0)} ${at(1.75)}L${at(-1)} ${at(1.9)}Z`
            : `M${at(-1)} ${at(1.75)}H${at(1)}V${at(1.85)}L${at(0)} ${at(2)}L${at(-1)} ${at(1.85)}Z`
        }
        fill={own.sunk}
        stroke={own.line}
      />
      {aim ? (
        <Rect
          x={at(seenX(aim.x, view) - spotHalf)}
          y={at(-aim.y - spotHalf)}
          width={at(spotHalf) - at(-spotHalf)}
          height={at(spotHalf) - at(-spotHalf)}
          fill={own.amberSunk}
          stroke={own.amber}
          strokeWidth={3}
        />
      ) : null}
      {marks.map(({ arrived, hit }, n) => {
        const [x, y] = [at(seenX(arrived.x, view)), at(-arrived.y)];
        const newest = n === marks.length - 1;
        const r = newest ? 8 : 5.5;
        return hit ? (
          <Circle key={n} cx={x} cy={y} r={r} fill={own.ink} opacity={newest ? 1 : 0.6} />
        ) : (
          <G key={n} opacity={newest ? 1 : 0.65}>
            <Line x1={x - r} x2={x + r} y1={y - r} y2={y + r} stroke={own.clay} strokeWidth={3} />
            <Line x1={x - r} x2={x + r} y1={y + r} y2={y - r} stroke={own.clay} strokeWidth={3} />
          </G>
        );
      })}
    </Svg>
  );
  return (
    <View style={{ width: '100%', alignItems: 'center' }} {...frame}>
      {onTap ? (
        <Pressable role="button" aria-label={label} onPress={tapped} style={{ width: size, height: size }}>
          {drawing}
        </Pressable>
      ) : (
        <View role="img" aria-label={label}>
          {drawing}
        </View>
      )}
      <View style={{ width: size, flexDirection: 'row', justifyContent: 'space-between' }}>
        {[!right, right].map((arm) => (
          <Text key={String(arm)} variant="labelMedium">
            {arm ? texts.armSide : texts.gloveSide}
          </Text>
        ))}
      </View>
    </View>
  );
}
