export * from './barred';
export * from './pain';
export * from './throwState';
export * from './throwLimits';
