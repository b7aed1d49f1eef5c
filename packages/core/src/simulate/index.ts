export * from './random';
export * from './roster';
export * from './season';
