export { EditAthlete as default } from '../../../src/features/athletes/EditAthlete';
