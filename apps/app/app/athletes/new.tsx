export { AddAthlete as default } from '../../src/features/athletes/AddAthlete';
