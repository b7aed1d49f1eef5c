export * from './due';
export * from './gate';
export * from './throwLimits';
export * from './stageMove';
export * from './pain';
export * from './safety';
