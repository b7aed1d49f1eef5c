export { Work as default } from '../../../src/features/work/Work';
