export { AthleteFrame as default } from '../../../src/features/athletes/AthleteFrame';
