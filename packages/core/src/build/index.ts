export * from './dose';
export * from './ladder';
export * from './wordCheck';
export * from './week';
