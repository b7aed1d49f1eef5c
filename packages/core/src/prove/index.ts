export * from './compare';
export * from './history';
export * from './realChange';
export * from './worth';
