export * from './clashes';
export * from './conflicts';
export * from './series';
export * from './states';
