export { Prove as default } from '../../../src/features/prove/Prove';
