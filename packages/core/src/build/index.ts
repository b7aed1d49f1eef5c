export * from './dose';
export * from './jumps';
export * from './ladder';
export * from './wordCheck';
export * from './week';
export * from './ownDrill';
