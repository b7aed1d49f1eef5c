import type { Thread } from '@wrightonic/core';

export { threadNames } from '@wrightonic/core';
export const threads: readonly Thread[] = ['lower', 'arm'];
