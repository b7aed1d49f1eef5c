export * from './barred';
export * from './throwLimits';
