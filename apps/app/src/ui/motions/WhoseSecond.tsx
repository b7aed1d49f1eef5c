import type { LookPage, RosterEntry } from '@wrightonic/contract';
import { api } from '../../store/api';
import { Choices } from '../form/Choices';
import { PickOne } from '../form/PickOne';
import { texts } from '../texts';

/** One's own, of another athlete who is not chosen yet, or of this one. */
export type Whose = 'own' | 'open' | RosterEntry;
export const someoneOf = (whose: Whose): RosterEntry | null => (typeof whose === 'string' ? null : whose);

interface Props {
  label: string;
  athlete: Pick<LookPage['athlete'], 'id' | 'givenName' | 'discipline'>;
  whose: Whose;
  onWhose: (whose: Whose) => void;
}

/** Whose the second is. */
export function WhoseSecond({ label, athlete, whose, onWhose }: Props) {
  const { data: roster = [] } = api.useRosterQuery(undefined, { skip: whose === 'own' });
  return (
    <>
      <Choices
        label={label}
        shown
        value={whose !== 'own'}
        onChange={(other) => onWhose(other ? 'open' : 'own')}
        options={[
          { value: false, text: texts.sOwn(athlete.givenName) },
          { value: true, text: texts.anotherAthlete },
        ]}
      />
      {whose === 'own' ? null : (
        <PickOne
          label={texts.athlete}
          value={someoneOf(whose)?.id ?? null}
          onPick={(id) => onWhose(roster.find((each) => each.id === id) ?? 'open')}
          options={roster
            .filter((each) => each.discipline === athlete.discipline && each.id !== athlete.id)
            .map((each) => ({ value: each.id, text: `${each.givenName} ${each.familyName}` }))}
        />
      )}
    </>
  );
}
