import {
  spotHalf,
  velocityFrom,
  type MissSide,
  type Spot,
  type VelocityUnit,
  type ZoneView,
} from '@wrightonic/core';
import { texts } from './texts';

export interface TypedThrow {
  aim: Spot | null;
  arrived: Spot | null;
  /** m/s */
  velocity: number | null;
  sides: MissSide[] | null;
}

const letters: Readonly<Record<string, MissSide>> = { h: 'high', l: 'low', a: 'arm', g: 'glove' };

/** To the right of the picture: a spot is kept as the pitcher sees it, and the catcher sees it mirrored. */
export const seenX = (x: number, view: ZoneView): number => (view === 'pitcher' ? x : -x);

/** The nine spots as the number keys lie: 7 8 9 above, 1 2 3 below. */
export const spotOf = (key: number, view: ZoneView): Spot => ({
  x: seenX((((key - 1) % 3) - 1) * 2 * spotHalf, view),
  y: (Math.floor((key - 1) / 3) - 1) * 2 * spotHalf,
});

export const spotNumber = ({ x, y }: Spot, view: ZoneView): number =>
  Math.round(y / (2 * spotHalf) + 1) * 3 + Math.round(seenX(x, view) / (2 * spotHalf) + 1) + 1;

/** The nine spots by what they are, from the throwing hand. */
export function spotName(spot: Spot, hand: 'R' | 'L'): string {
  const rows = ['low', 'middle', 'high'];
  const across = [texts.gloveSide, 'center', texts.armSide];
  const row = rows[Math.round(spot.y / (2 * spotHalf) + 1)]!;
  const column = across[Math.round((hand === 'R' ? spot.x : -spot.x) / (2 * spotHalf) + 1)]!;
  return row === 'middle' && column === 'center' ? 'middle' : `${row}, ${column}`;
}

/**
 * One throw typed in a line: the aimed spot as a number key, the velocity, and where it went: x for a hit, or h, l, a,
 * g and pairs such as ha. Any of them may be left out.
 */
export function readTyped(
  text: string,
  hand: 'R' | 'L',
  unit: VelocityUnit,
  aimed: Spot | null,
  view: ZoneView = 'pitcher',
): TypedThrow | string {
  let aim = aimed;
  let velocity: number | null = null;
  let sides: MissSide[] | null = null;
  for (const word of text.trim().toLowerCase().split(/\s+/).filter(Boolean)) {
    if (/^[1-9]$/.test(word)) aim = spotOf(Number(word), view);
    else if (/^\d{2,3}([.,]\d)?$/.test(word)) {
      const value = Number(word.replace(',', '.'));
      const [low, high] = unit === 'mph' ? [10, 120] : [16, 195];
      if (value < low || value > high) return texts.aVelocityIsTo(low, high, unit);
      velocity = velocityFrom(value, unit);
    } else if (word === 'x') sides = [];
    else if (/^[hlag]{1,2}$/.test(word)) {
      sides = [...word].map((letter) => letters[letter]!);
      const both = (a: MissSide, b: MissSide) => sides!.includes(a) && sides!.includes(b);
      if (both('high', 'low') || both('arm', 'glove') || (sides.length === 2 && sides[0] === sides[1]))
        return texts.aMissGoes;
    } else return texts.isNeitherASpot(word);
  }
  if (sides !== null && aim === null) return texts.sayTheAimedSpot;
  if (sides === null && velocity === null) return texts.typeAVelocityOr;
  const armWay = hand === 'R' ? 1 : -1;
  const off = 2 * spotHalf;
  const arrived =
    sides === null || aim === null
      ? null
      : {
          x: aim.x + (sides.includes('arm') ? armWay * off : sides.includes('glove') ? -armWay * off : 0),
          y: aim.y + (sides.includes('high') ? off : sides.includes('low') ? -off : 0),
        };
  return { aim: sides === null ? null : aim, arrived, velocity, sides };
}
