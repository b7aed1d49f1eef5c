/** What both sides hold to and no schema is needed for: a screen that asks for it alone does not wait for all of them. */

/** What changed in so many ms before is told once more to a page that opens its stream: it read before it could hear. */
export const changesRepeated = 10_000;

/** The line that ships with the product; offered in an academy of demo data alone. */
export const simulatedLine = 'simulated';
