export * from './curves';
export * from './measured';
export * from './radar';
export * from './random';
export * from './roster';
export * from './season';
