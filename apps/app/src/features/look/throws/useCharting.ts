import type { LookPage, ThrowRecord } from '@wrightonic/contract';
import { doubtfulAbove, missOf, nearestSpot, usualBall, type Spot } from '@wrightonic/core';
import { useState } from 'react';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { emptySpin, type SpinTyped } from './SpinFields';
import { readTyped, spotOf, type TypedThrow } from './typed';
import { texts } from './texts';

/** What holds for every throw that is charted until somebody changes it. */
export interface PitchSettings {
  effort: number | null;
  pitch: string;
  type: 'practice' | 'game';
  /** As they were typed: grams, and metres or nothing. */
  ball: string;
  distance: string;
  spin: SpinTyped;
}

const noSpin: SpinTyped = { text: emptySpin, flight: undefined, wrong: '' };
const figureOf = (text: string): number => Number(text.replace(',', '.'));

/** What the settings come to, with what is wrong with them in words. */
function settled({ ball, distance, spin }: PitchSettings) {
  const ballG = figureOf(ball);
  const distanceM = distance.trim() === '' ? null : figureOf(distance);
  const wrong = !(ballG >= 50 && ballG <= 2000)
    ? texts.theBallMustWeigh
    : distanceM !== null && !(distanceM >= 1 && distanceM <= 150)
      ? texts.theDistanceMustBe
      : spin.wrong;
  return { ballG, distanceM, wrong };
}

/** A throw as it is logged, with what holds for all of them. */
function pitchOf({ velocity, aim, arrived }: TypedThrow, settings: PitchSettings) {
  const { effort, pitch, type, spin } = settings;
  const { ballG, distanceM } = settled(settings);
  return {
    velocity,
    effort,
    pitch,
    ballG,
    type,
    distanceM,
    aim: aim && arrived ? ([aim.x, aim.y] as [number, number]) : null,
    arrived: arrived ? ([arrived.x, arrived.y] as [number, number]) : null,
    ...(spin.flight ? { flight: spin.flight } : {}),
  };
}

const fastestOf = (throws: readonly ThrowRecord[]): number | null => {
  const measured = throws.flatMap(({ velocity }) => velocity ?? []);
  return measured.length ? Math.max(...measured) : null;
};

/** Charting throws: the aim, what is typed, and a reading that waits for somebody to say that it is right. */
export function useCharting(athlete: LookPage['athlete'], throws: readonly ThrowRecord[]) {
  const dispatch = useAppDispatch();
  const { academy, person } = useMe();
  const { velocityUnit: unit, zoneView: view } = person;
  const [aim, setAim] = useState<Spot>(spotOf(2, 'pitcher'));
  const [aiming, setAiming] = useState(false);
  const [settings, setSettings] = useState<PitchSettings>({
    effort: 90,
    pitch: 'fastball',
    type: 'practice',
    ball: String(usualBall[athlete.discipline]),
    distance: '',
    spin: noSpin,
  });
  const [velocity, setVelocity] = useState('');
  const [line, setLine] = useState('');
  const [wrong, setWrong] = useState('');
  const [pendingReading, setPendingReading] = useState<TypedThrow | null>(null);
  const [newest, setNewest] = useState<string | null>(null);
  const set = (change: Partial<PitchSettings>) => setSettings((old) => ({ ...old, ...change }));
  const { wrong: settingsWrong } = settled(settings);

  const keep = (thrown: TypedThrow) => {
    setPendingReading(null);
    setWrong('');
    setLine('');
    setVelocity('');
    set({ spin: noSpin });
    const fields = { athleteId: athlete.id, zone: academy.zone, ...pitchOf(thrown, settings) };
    setNewest(dispatch(log(athlete.id, 'pitch', fields)));
  };
  const take = (thrown: TypedThrow) => {
    if (settingsWrong) return setWrong(settingsWrong);
    const atMost = doubtfulAbove(athlete.discipline, athlete.age, fastestOf(throws));
    setWrong('');
    if (thrown.velocity !== null && thrown.velocity > atMost) setPendingReading(thrown);
    else keep(thrown);
  };
  return {
    unit,
    view,
    aim,
    aiming,
    setAiming,
    settings,
    set,
    velocity,
    setVelocity,
    line,
    setLine,
    wrong,
    pendingReading,
    keep,
    undo:
      newest === null
        ? null
        : () => {
            dispatch(log(athlete.id, 'undo', { sessionId: null, of: newest }));
            setNewest(null);
          },
    tapped: (spot: Spot) => {
      if (aiming) {
        setAim(nearestSpot(spot));
        return setAiming(false);
      }
      const typed = velocity.trim()
        ? readTyped(velocity, athlete.throws, unit, aim, view)
        : { velocity: null };
      if (typeof typed === 'string') return setWrong(typed);
      if (velocity.trim() && typed.velocity === null) return setWrong(texts.typeAVelocityIn(unit));
      take({ aim, arrived: spot, velocity: typed.velocity, sides: missOf(aim, spot, athlete.throws) });
    },
    entered: () => {
      const read = readTyped(line, athlete.throws, unit, aim, view);
      if (typeof read === 'string') return setWrong(read);
      if (read.aim) setAim(read.aim);
      take(read);
    },
  };
}

export type ChartingState = ReturnType<typeof useCharting>;
