export * from './due';
export * from './gate';
export * from './throwsToday';
export * from './stageMove';
export * from './pain';
