/** The parts that a delivery is put together from, on the way to a pitch to a batter. */
export const deliveryParts = [
  'start',
  'lift',
  'stride',
  'landing',
  'turn',
  'arm',
  'throw',
  'finish',
  'slope',
  'batter',
] as const;
export type DeliveryPart = (typeof deliveryParts)[number];

export const partNames: Readonly<Record<DeliveryPart, string>> = {
  start: 'the start',
  lift: 'the lift or load',
  stride: 'the way out',
  landing: 'the landing',
  turn: 'the turn',
  arm: 'the arm',
  throw: 'the throw',
  finish: 'the finish',
  slope: 'the mound or circle',
  batter: 'the batter',
};

/** A drill as somebody reads it who has never seen it. Lead, back, throwing and glove side hold for both hands. */
export interface DrillPage {
  setUp: string;
  /** One rep, in order. */
  steps: readonly string[];
  good: string;
  mistakes: readonly string[];
  /** The way round it that the body finds: a flaw, and how it shows here. */
  workaround: { flaw: string; seen: string } | null;
  holds: readonly DeliveryPart[];
  /** What must come in the next stage; null where nothing is left out, or where the drill is no part of a delivery. */
  leavesOut: DeliveryPart | null;
}
export type DrillPages = Readonly<Record<string, DrillPage>>;
