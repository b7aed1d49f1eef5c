/** The faces that the page brings along; see `public/index.html`. */
export const faces = { text: 'Atkinson', bold: 'AtkinsonBold', heading: 'Barlow' } as const;
