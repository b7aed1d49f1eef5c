export * from './approach';
export { catalogueGraph, causeGraph, CycleError, linkLoad, type CauseGraph } from './graph';
export { blame, type Blame } from './blame';
export { bodyShare, type BodyFirst, type Flow, type TestFirst } from './body';
export * from './calls';
export * from './carried';
export {
  canBeFocus,
  focusFloor,
  oneFocusBelow,
  sameFocus,
  type Focus,
  type FocusReason,
  type TooSmall,
} from './focus';
export { goodStrikes, type Left, type Results } from './leaveAlone';
export * from './linkSet';
export { lookFirst, type Gain } from './lookNext';
export * from './moved';
export * from './phaseView';
export * from './plainWords';
export * from './struck';
export { closeCall, type Sureness } from './sureness';
export * from './trace';
export * from './words';
