import type { CampRecord } from '@wrightonic/contract';
import { slotsOf } from '@wrightonic/core';
import { memo } from 'react';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';
import { calledIn } from '../useCamp';
import { texts } from './texts';

/** Who goes elsewhere since the plan was changed last; those who are not there any more are no move. */
export function movesOf(camp: CampRecord, surnames: boolean): { key: string; words: string; slot: string }[] {
  const called = calledIn(camp, surnames);
  const slots = new Map(slotsOf(camp.setup).map((slot) => [slot.id, slot]));
  const station = new Map(camp.setup.stations.map(({ id, name }) => [id, name]));
  const name = (id: string | null) => (id === null ? 'nowhere' : (station.get(id) ?? '…'));
  const gone = new Set(camp.changes.filter(({ kind }) => kind === 'away').map(({ subject }) => subject));
  return (camp.plan?.moved ?? []).flatMap(({ athlete, slot, from, to }) => {
    const at = slots.get(slot);
    if (!at || gone.has(athlete)) return [];
    const words = `${at.start}  ${called(athlete)}: ${name(from)} → ${name(to)}`;
    return [{ key: `${athlete} ${slot}`, words, slot }];
  });
}

/** The moves of the last change. */
export const Moves = memo(function Moves({ camp }: { camp: CampRecord }) {
  const moves = movesOf(camp, true);
  if (!camp.plan || camp.earlier.length === 0) return null;
  return (
    <Card>
      <Heading>{camp.plan.why}</Heading>
      <Text>{moves.length === 0 ? texts.nobodyElseHas : texts.moveEveryoneElseStays(moves.length)}</Text>
      {moves.map(({ key, words }) => (
        <Text key={key}>{words}</Text>
      ))}
    </Card>
  );
});
