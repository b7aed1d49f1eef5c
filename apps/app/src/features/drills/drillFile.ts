import {
  drillFileFormat,
  drillFileVersion,
  type DrillFileRead,
  type OwnDrillRecord,
} from '@wrightonic/contract';
import { texts } from './texts';

/** The academy's own drills as a file that another academy can open. */
export const fileOf = (own: readonly OwnDrillRecord[]): string =>
  JSON.stringify(
    {
      format: drillFileFormat,
      version: drillFileVersion,
      drills: own.filter(({ retired }) => !retired).map(({ drill }) => drill),
    },
    null,
    2,
  );

/** What a file would bring, in words. */
export function broughtWords({ fresh, changed, same }: DrillFileRead): string {
  const names = (list: readonly { name: string }[]) => list.map(({ name }) => name).join(', ');
  const columns = [
    fresh.length ? texts.newWord(names(fresh)) : '',
    changed.length ? texts.changedAlsoInCurrent(names(changed)) : '',
    same.length ? texts.isHereAlreadyUnchanged(same.length) : '',
  ];
  return columns.filter(Boolean).join(' ');
}
