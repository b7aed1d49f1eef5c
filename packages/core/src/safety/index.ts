export * from './barred';
export * from './ownDrill';
export * from './throwLimits';
