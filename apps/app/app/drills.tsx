export { Drills as default } from '../src/features/drills/Drills';
