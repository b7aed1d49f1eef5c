import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { Text } from 'react-native-paper';
import { CheckboxGroup } from '../../ui/form/Choices';
import { PickOne } from '../../ui/form/PickOne';
import { largestGroup } from './group';
import { Sheet } from './Sheet';
import { texts } from './texts';

interface Props {
  athleteId: string;
  group: readonly string[];
  roster: readonly RosterEntry[];
  lessons: readonly Lesson[];
  onPick: (ids: string[]) => void;
  onClose: () => void;
}

/** Puts up to six athletes together for the day; whoever has a lesson stands first. */
export function GroupPick({ athleteId, group, roster, lessons, onPick, onClose }: Props) {
  const names = new Map(roster.map(({ id, givenName, familyName }) => [id, `${givenName} ${familyName}`]));
  const today = [...new Set([...group, ...lessons.map((lesson) => lesson.athleteId)])];
  const full = group.length >= largestGroup;
  const pick = (ids: string[]) => {
    const all = [...new Set([athleteId, ...ids])];
    if (all.length <= largestGroup) onPick(all);
  };
  return (
    <Sheet title={texts.whoWorksTogether} close={texts.done} onClose={onClose}>
      <CheckboxGroup
        label={texts.lessonsOfToday}
        options={today.map((value) => ({ value, text: names.get(value) ?? '…' }))}
        value={group}
        onChange={pick}
      />
      {full ? (
        <Text role="status">{texts.sixAtMostRemove}</Text>
      ) : (
        <PickOne
          label={texts.athleteToAdd}
          options={roster
            .filter(({ id }) => !today.includes(id))
            .map(({ id }) => ({ value: id, text: names.get(id)! }))}
          value={null}
          onPick={(id) => id && pick([...group, id])}
        />
      )}
    </Sheet>
  );
}
