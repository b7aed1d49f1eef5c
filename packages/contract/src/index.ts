export * from './answers';
export * from './athletes';
export * from './check';
export * from './headless';
export * from './log';
export * from './people';
export * from './plans';
export { day, id, instant } from './shared';
