export { Session as default } from '../../../src/features/work/Session';
