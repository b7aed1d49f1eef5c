export * from './approach';
export { catalogueGraph, causeGraph, CycleError, linkLoad, type CauseGraph } from './graph';
export { blame, type Blame } from './blame';
export type { Focus, FocusReason } from './focus';
export { closeCall, type Sureness } from './sureness';
export * from './trace';
export * from './words';
