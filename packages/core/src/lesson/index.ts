export * from './clashes';
export * from './series';
export * from './states';
