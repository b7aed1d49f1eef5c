export * from './dose';
export * from './drillDetail';
export * from './jumps';
export * from './keptLadder';
export * from './ladder';
export * from './wordCheck';
export * from './week';
export * from './ownDrill';
