import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { filmedEvents, type ClipEvent, type Hand } from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useClips } from '../../store/useClips';
import { Card } from '../Card/Card';
import { Choices } from '../form/Choices';
import { Heading } from '../Screen/Screen';
import { eventName } from '../words/clipEvents';
import { dayWords } from '../words/days';
import { MotionTable } from './MotionTable';
import { TwoMotions, type OneMotion } from './TwoMotions';
import { someoneOf, WhoseSecond, type Whose } from './WhoseSecond';
import { texts } from '../texts';

interface Props {
  athlete: Pick<LookPage['athlete'], 'id' | 'givenName' | 'discipline' | 'throws'>;
}

type Filmed = ClipRecord & { motion: NonNullable<ClipRecord['motion']> };

/** Clips of an athlete whose joints were taken over, oldest first. */
function useFilmed(athleteId: string | null): Filmed[] | undefined {
  const { clips } = useClips(athleteId);
  return clips?.filter((clip): clip is Filmed => Boolean(clip.motion?.motion)).reverse();
}

/** Two tracked motions of one athlete or of two, side by side and in step, with every measure of both. */
export function Motions({ athlete }: Props) {
  const today = useToday();
  const [whose, setWhose] = useState<Whose>('own');
  const someone = someoneOf(whose);
  const other = someone?.id ?? null;
  const own = useFilmed(athlete.id) ?? [];
  const theirs = useFilmed(other);
  const [firstId, setFirst] = useState<string | null>(null);
  const [secondId, setSecond] = useState<string | null>(null);
  const [event, setEvent] = useState<ClipEvent>('plant');
  if (own.length === 0) return null;
  const seconds = other === null ? own : (theirs ?? []);
  const first = own.find(({ id }) => id === firstId) ?? own[0]!;
  const second = seconds.find(({ id }) => id === secondId) ?? seconds.at(-1);
  const words = ({ date, name }: Filmed) => `${dayWords(date, today)}: ${name}`;
  const sameDay =
    other === null && second !== undefined && second.id !== first.id && second.date === first.date;
  const titled = (clip: Filmed, name: string, throws: Hand): OneMotion => ({
    id: clip.id,
    title: sameDay ? clip.name : `${name}, ${dayWords(clip.date, today)}`,
    motion: clip.motion.motion!,
    throws,
  });
  const a = titled(first, athlete.givenName, athlete.throws);
  const b =
    second && titled(second, someone?.givenName ?? athlete.givenName, someone?.throws ?? athlete.throws);
  const alone = !b || b.id === a.id;
  return (
    <Card>
      <Heading>{texts.motions}</Heading>
      {own.length > 1 || other !== null ? (
        <Choices
          label={texts.first}
          value={first.id}
          onChange={setFirst}
          options={own.map((clip) => ({ value: clip.id, text: words(clip) }))}
        />
      ) : null}
      {seconds.length && (own.length > 1 || other !== null) ? (
        <Choices
          label={texts.second}
          value={second?.id ?? ''}
          onChange={setSecond}
          options={seconds.map((clip) => ({ value: clip.id, text: words(clip) }))}
        />
      ) : null}
      <WhoseSecond label={texts.compareWith} athlete={athlete} whose={whose} onWhose={setWhose} />
      {other !== null && theirs?.length === 0 ? <Text>{texts.noFilm}</Text> : null}
      {alone ? null : (
        <Choices
          label={texts.linedUpAt}
          value={event}
          onChange={setEvent}
          options={filmedEvents[athlete.discipline].map((value) => ({ value, text: eventName(value) }))}
        />
      )}
      <TwoMotions a={a} b={alone ? null : b} event={event} />
      {alone ? (
        <Text variant="bodySmall">{other === null ? texts.trackAnotherFilm : ''}</Text>
      ) : (
        <MotionTable a={first.motion.figures} b={second!.motion.figures} titles={[a.title, b.title]} />
      )}
    </Card>
  );
}
