export * from './constraints';
export * from './due';
export * from './effort';
export * from './gate';
export * from './lesson';
export * from './missReasons';
export * from './sets';
export * from './stageMove';
