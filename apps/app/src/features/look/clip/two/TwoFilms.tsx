import { filmedEvents, type ClipEvent, type Discipline } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../../theme/theme';
import { Choices } from '../../../../ui/form/Choices';
import { MotionTable } from '../../../../ui/motions/MotionTable';
import { Notice, Waiting } from '../../../../ui/Notice/Notice';
import { eventName } from '../../../../ui/words/clipEvents';
import { eventTimes } from './eventTimes';
import { TwoPictures } from './TwoPictures';
import { sideName, useSide, type Picked } from './useSide';
import { useInStep, type Origins } from './useInStep';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';
import { IconButton } from '../../../../ui/Button/IconButton';

interface Props {
  a: Picked;
  b: Picked;
  discipline: Discipline;
}

const byHand = 'by hand';

/** When the events of a side are, s of its own time. */
const timesOf = (picked: Picked): Partial<Record<ClipEvent, number>> =>
  picked.kind === 'motion' ? picked.motion.events : picked.clip ? eventTimes(picked.clip) : {};

/** Two films, or a film and a tracked body, by one clock: lined up at an event or by hand, stepped and played together at true speed. */
export function TwoFilms({ a, b, discipline }: Props) {
  const own = useColours();
  const films = [useSide(a), useSide(b)] as const;
  const times = [a, b].map(timesOf);
  const both = filmedEvents[discipline].filter((event) => times.every((known) => known[event] !== undefined));
  const [event, setEvent] = useState<ClipEvent | typeof byHand>(() =>
    both.includes('plant') ? 'plant' : (both[0] ?? byHand),
  );
  const at = (which: ClipEvent | typeof byHand): Origins =>
    which === byHand ? [0, 0] : [times[0]![which] ?? 0, times[1]![which] ?? 0];
  const [origins, setOrigins] = useState<Origins>(() => at(event));
  const [over, setOver] = useState(false);
  const [size, setSize] = useState<number | null>(null);
  const { ready, time, playing, play, pause, go, step, stepBy } = useInStep(films, origins);
  const wrong = films.find((film) => film.wrong)?.wrong;
  const same = films[0].body !== null && films[1].body !== null ? films[0].body / films[1].body : 1;
  const names = [a, b].map(sideName) as [string, string];
  const shift = (n: 0 | 1, by: number) => {
    const rate = films[n].known?.rate ?? 30;
    setEvent(byHand);
    setOrigins(n === 0 ? [origins[0] + by / rate, origins[1]] : [origins[0], origins[1] + by / rate]);
  };
  const longest = Math.max(...films.map(({ known, slowed }) => (known?.seconds ?? 0) / slowed));
  return (
    <View style={styles.gap}>
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      <TwoPictures
        films={films}
        names={names}
        over={over}
        size={size ?? same}
        mirrored={a.throws !== b.throws}
      />
      {ready ? (
        <>
          <View style={styles.row}>
            <IconButton
              mode="outlined"
              icon="chevron-left"
              accessibilityLabel={texts.bothOneFrameBack}
              onPress={() => stepBy(-1)}
            />
            <Text variant="titleMedium" role="status" style={styles.grow}>
              {`${time < -0.0005 ? '−' : ''}${Math.abs(time).toFixed(3)} s`}
            </Text>
            <IconButton
              mode="outlined"
              icon="chevron-right"
              accessibilityLabel={texts.bothOneFrameOn}
              onPress={() => stepBy(1)}
            />
            <Button mode="outlined" onPress={playing ? pause : play}>
              {playing ? texts.pause : texts.play}
            </Button>
            <Button mode="outlined" onPress={() => setOver(!over)}>
              {over ? texts.beside : texts.oneOverTheOther}
            </Button>
          </View>
          <input
            type="range"
            min={-origins[0] / films[0].slowed}
            max={longest - origins[0] / films[0].slowed}
            step={step}
            value={time}
            aria-label={texts.whereBothStand}
            onChange={({ target }) => go(Number(target.value))}
            style={{ width: '100%', minHeight: 44, accentColor: own.dusk }}
          />
          <Choices
            label={texts.linedUpAt}
            shown
            value={event}
            onChange={(next) => {
              setEvent(next);
              if (next === byHand) return;
              setOrigins(at(next));
              go(0);
            }}
            options={[
              ...both.map((value) => ({ value, text: eventName(value) })),
              { value: byHand, text: texts.byHand } as const,
            ]}
          />
          <ByHand names={names} shift={shift} />
          <SizeOfSecond size={size} same={same} setSize={setSize} />
          {over ? <Text variant="bodySmall">{texts.dragTheSecond}</Text> : null}
          {a.throws === b.throws ? null : <Text variant="bodySmall">{texts.theSecondIsMirrored}</Text>}
        </>
      ) : wrong ? null : (
        <Waiting what={texts.readingBoth} />
      )}
      {a.clip?.motion && b.clip?.motion ? (
        <MotionTable a={a.clip.motion.figures} b={b.clip.motion.figures} titles={names} />
      ) : null}
    </View>
  );
}

interface ByHandProps {
  names: readonly [string, string];
  shift: (n: 0 | 1, by: number) => void;
}

/** Moves one film against the other. */
const ByHand = ({ names, shift }: ByHandProps) => (
  <>
    {names.map((name, n) => (
      <View key={n} style={styles.row}>
        <Text style={styles.grow}>{`${n === 0 ? texts.first : texts.second}: ${name}`}</Text>
        {[-10, -1, 1, 10].map((by) => (
          <Button
            key={by}
            mode="outlined"
            compact
            accessibilityLabel={texts.shift(name, by)}
            onPress={() => shift(n as 0 | 1, by)}
          >
            {by < 0 ? `−${-by}` : `+${by}`}
          </Button>
        ))}
      </View>
    ))}
  </>
);

interface SizeProps {
  /** Null as long as nobody chose one. */
  size: number | null;
  same: number;
  setSize: (size: number) => void;
}

/** Until somebody says otherwise both bodies are as high as each other, where it is known how high they stand. */
function SizeOfSecond({ size, same, setSize }: SizeProps) {
  const own = useColours();
  return (
    <label>
      <Text>{texts.sizeOfTheSecond(Math.round(100 * (size ?? same)), size, same)}</Text>
      <input
        type="range"
        min={0.4}
        max={2.5}
        step={0.02}
        value={size ?? same}
        aria-label={texts.sizeOfTheSecondFilm}
        onChange={({ target }) => setSize(Number(target.value))}
        style={{ width: '100%', minHeight: 44, accentColor: own.dusk }}
      />
    </label>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 8 },
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  grow: { flex: 1, minWidth: 90 },
});
