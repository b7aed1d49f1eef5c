/** How words reach an athlete best. */
export const voices = ['plain', 'feel', 'target', 'detail'] as const;
export type Voice = (typeof voices)[number];

/** A checkpoint in words without jargon. */
export interface Said {
  /** What happens, as a clause about the body and nobody in particular. */
  happens: string;
  /** What to do: said plainly, as a feeling, and toward something outside the body. */
  plain: string;
  feel: string;
  target: string;
}

/**
 * The words for one checkpoint: what happens, and what to do about it in three voices.
 *
 * @example said('the front leg gives', 'Stand tall', 'Feel the heel', 'Chest over the knee').plain // 'Stand tall'
 */
export const said = (happens: string, plain: string, feel: string, target: string): Said => ({
  happens,
  plain,
  feel,
  target,
});
