import { screen } from '../../src/screens/screen';

export default screen('Join');
