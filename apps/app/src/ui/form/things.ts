/** Things of a text with commas, semicolons or lines between, each once. */
export const thingsIn = (text: string): string[] => [
  ...new Set(
    text
      .split(/[,;\n]/)
      .map((thing) => thing.trim())
      .filter(Boolean),
  ),
];
