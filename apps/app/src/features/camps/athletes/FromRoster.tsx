import type { CampRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { Checkbox, Text } from 'react-native-paper';
import { api } from '../../../store/api';
import { Card } from '../../../ui/Card/Card';
import { SearchField } from '../../../ui/form/SearchField';
import { VirtualLines } from '../../../ui/VirtualLines/VirtualLines';
import { kindWords } from '../../../ui/words/kindWords';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const lineHeight = 52;

interface Props {
  camp: CampRecord;
  onAdd: (ids: string[]) => Promise<void>;
}

/** Athletes of the roster, ticked and taken in one go. */
export function FromRoster({ camp, onAdd }: Props) {
  const { data: roster = [] } = api.useRosterQuery();
  const [search, setSearch] = useState('');
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const coming = new Set(camp.members.map(({ id }) => id));
  const wanted = search.trim().toLowerCase();
  const shown = roster.filter(
    ({ id, givenName, familyName }) =>
      !coming.has(id) && `${givenName} ${familyName}`.toLowerCase().includes(wanted),
  );
  const toggle = (ids: readonly string[], on: boolean) => {
    const next = new Set(ticked);
    for (const id of ids)
      if (on) next.add(id);
      else next.delete(id);
    setTicked(next);
  };
  const all = shown.length > 0 && shown.every(({ id }) => ticked.has(id));
  return (
    <Card>
      <SearchField label={texts.searchTheRoster} value={search} onChange={setSearch} />
      {shown.length === 0 ? <Text>{texts.everyoneWhoMatches}</Text> : null}
      {shown.length ? (
        <Checkbox.Item
          label={wanted ? texts.allOfThisSearch(shown.length) : texts.all(shown.length)}
          status={all ? 'checked' : 'unchecked'}
          onPress={() =>
            toggle(
              shown.map(({ id }) => id),
              !all,
            )
          }
        />
      ) : null}
      <VirtualLines count={shown.length} height={lineHeight} gap={0} keyOf={(n) => shown[n]!.id}>
        {(n) => {
          const athlete = shown[n]!;
          return (
            <Checkbox.Item
              label={`${athlete.givenName} ${athlete.familyName}, ${kindWords(athlete)}`}
              status={ticked.has(athlete.id) ? 'checked' : 'unchecked'}
              onPress={() => toggle([athlete.id], !ticked.has(athlete.id))}
            />
          );
        }}
      </VirtualLines>
      <Button mode="contained" disabled={ticked.size === 0} onPress={() => void onAdd([...ticked])}>
        {texts.addToTheCamp(ticked.size)}
      </Button>
    </Card>
  );
}
