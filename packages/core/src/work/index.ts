export * from './constraints';
export * from './due';
export * from './gate';
export * from './stageMove';
export * from './pain';
