export { AthleteHome as default } from '../../../src/features/athletes/AthleteHome';
