export * from './curves';
export * from './measured';
export * from './random';
export * from './roster';
export * from './season';
