export { Roster as default } from '../src/features/athletes/Roster';
