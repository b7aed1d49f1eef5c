import {
  simulatedLine,
  type CampDayOf,
  type CampMemberRecord,
  type RadarReading,
} from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { LinePick } from '../../../ui/radar/LinePick';
import { useLines } from '../../../ui/radar/useLines';
import { useRadar } from '../../../ui/radar/useRadar';
import { said } from '../../../ui/words/velocityWords';
import { texts } from './texts';
import { IconButton } from '../../../ui/Button/IconButton';

interface QueueProps {
  group: readonly CampMemberRecord[];
  of: Map<string, CampDayOf>;
  called: (id: string) => string;
  effort: number;
  onThrow: (member: CampMemberRecord, metres: number, known: string) => void;
}

/** Readings go to whoever is at the head of the queue, who then goes to its end. */
export function RadarQueue({ group, of, called, effort, onThrow }: QueueProps) {
  const { velocityUnit } = useMe().person;
  const { line } = useLines();
  const [order, setOrder] = useState<string[]>(() => group.filter(({ lock }) => !lock).map(({ id }) => id));
  const members = new Map(group.map((member) => [member.id, member]));
  const known = order.filter((id) => members.has(id));
  const queue = [
    ...known,
    ...group.filter(({ id, lock }) => !lock && !known.includes(id)).map(({ id }) => id),
  ];
  const [head] = queue;
  const state = useRadar({
    line: head ? line : null,
    athleteId: head ?? '',
    effort,
    onReading: ({ id, velocity }: RadarReading) => {
      const member = head ? members.get(head) : undefined;
      if (!member) return;
      onThrow(member, velocity, id);
      setOrder([...queue.slice(1), head!]);
    },
  });
  return (
    <>
      <LinePick />
      <Text role="status">
        {line === null
          ? texts.chooseALineEach
          : state === 'open'
            ? texts.theLineIsOpen(line, simulatedLine, head ? called(head) : 'nobody')
            : texts.theLineIsBeing}
      </Text>
      {queue.map((id, n) => {
        const speeds = (of.get(id)?.throws ?? []).flatMap(({ velocity }) => velocity ?? []);
        return (
          <Card key={id}>
            <View style={styles.head}>
              <Text variant={n === 0 ? 'headlineSmall' : 'titleMedium'} style={styles.grow}>
                {n === 0 ? texts.next(called(id)) : called(id)}
              </Text>
              <Text>
                {speeds.length ? `${said(speeds.at(-1)!, velocityUnit)} · ${speeds.length}` : texts.noneYet}
              </Text>
              {n === 0 ? (
                <IconButton
                  icon="arrow-down"
                  accessibilityLabel={texts.goesToTheEnd(called(id))}
                  onPress={() => setOrder([...queue.slice(1), id])}
                />
              ) : null}
            </View>
          </Card>
        );
      })}
    </>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
});
