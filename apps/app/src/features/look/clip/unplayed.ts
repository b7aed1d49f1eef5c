import { codecInWorker } from '../../../workers/track';
import { texts } from './texts';

/** Why the browser does not play a film: what to set on the phone where that helps, else the words given. */
export const whyUnplayed = async (file: File, otherwise: string): Promise<string> =>
  (await codecInWorker(file)) === 'hevc' ? texts.isHevc(file.name) : otherwise;
