export * from './ages';
export * from './barred';
export * from './effort';
export * from './pain';
export * from './throwState';
export * from './throwLimits';
export * from './throwsToday';
export * from './limitsInput';
