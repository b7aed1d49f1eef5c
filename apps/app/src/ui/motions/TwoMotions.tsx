import { drawTracked, type ClipEvent, type Hand, type MotionKept } from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { Text } from 'react-native-paper';
import { InStep, type Figure } from '../body/InStep';
import { texts } from '../texts';
import { Button } from '../Button/Button';

export interface OneMotion {
  id: string;
  title: string;
  motion: MotionKept;
  throws: Hand;
}

interface Props {
  a: OneMotion;
  /** Null shows the first one alone. */
  b: OneMotion | null;
  /** At which both are lined up. */
  event: ClipEvent;
}

const beside = { width: 156, height: 150 };
const large = { width: 300, height: 230 };
/** Shown at half speed: 45 a second are seen. */
const rate = 90;

const lengthOf = ({ frames, rate: own }: MotionKept): number => (frames.length - 1) / own;

/** Where the event lies in a motion, and what lies before and behind it, s. */
function around({ motion }: OneMotion, event: ClipEvent) {
  const at = motion.events[event] ?? motion.events.release ?? lengthOf(motion) / 2;
  return { at, before: at, after: lengthOf(motion) - at };
}

/** Motions as our own figure, at the same height and speed; both look the way of the first one's hand. */
export function TwoMotions({ a, b, event }: Props) {
  const [over, setOver] = useState(false);
  const size = over || !b ? large : beside;
  const figures = useMemo(() => {
    const all = b ? [a, b] : [a];
    const spans = all.map((one) => around(one, event));
    const before = Math.max(...spans.map((span) => span.before));
    const after = Math.max(...spans.map((span) => span.after));
    return all.map((one, n): Figure => {
      const span = { from: spans[n]!.at - before, seconds: before + after, rate };
      const moving = drawTracked(one.motion, { ...size, hand: a.throws }, span);
      return {
        title: one.title,
        label: texts.inMotion(one.title),
        moving: { ...moving, best: Math.round(before * rate) },
      };
    });
  }, [a, b, event, size]);
  const lacking = [a, ...(b ? [b] : [])].filter(({ motion }) => motion.events[event] === undefined);
  const pair = (figures.length === 2 ? figures : [figures[0]]) as [Figure, Figure] | [Figure];
  return (
    <>
      {lacking.map(({ id, title }) => (
        <Text key={id} variant="bodySmall">
          {texts.hasNoSuchEvent(title)}
        </Text>
      ))}
      <InStep
        key={`${a.id} ${b?.id} ${event} ${over}`}
        figures={pair}
        {...size}
        rate={rate}
        first={pair[0].moving.best}
        over={over}
      >
        {b ? (
          <Button mode="outlined" onPress={() => setOver(!over)}>
            {over ? texts.beside : texts.oneOverTheOther}
          </Button>
        ) : null}
      </InStep>
      {b && over ? <Text variant="bodySmall">{texts.paleDark(a.title, b.title)}</Text> : null}
    </>
  );
}
