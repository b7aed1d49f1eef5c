export * from './compare';
export * from './realChange';
