export { TraceScreen as default } from '../../../src/features/trace/TraceScreen';
