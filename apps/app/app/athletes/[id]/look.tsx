export { Look as default } from '../../../src/features/look/Look';
