export { Build as default } from '../../../src/features/build/Build';
