export * from './record';
export * from './sheet';
