let current: string | null = null;

/** Proves to the server that a request comes from this page. */
export const token = {
  value: () => current,
  set: (value: string) => {
    current = value;
  },
};
