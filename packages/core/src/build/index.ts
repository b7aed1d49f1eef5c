export * from './dose';
export * from './ladder';
