import type { Thread } from '@wrightonic/core';

export const threads: readonly Thread[] = ['lower', 'arm'];
export const threadNames: Record<Thread, string> = { lower: 'Lower half', arm: 'Arm action' };
