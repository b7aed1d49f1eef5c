export * from './due';
export * from './gate';
export * from './throwsToday';
