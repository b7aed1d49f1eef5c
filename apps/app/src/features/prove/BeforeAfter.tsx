import type { ProvePage, LookRecord } from '@wrightonic/contract';
import { changes, compareLooks, nodeName, nodesFor, phases, type Change, type Node } from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { dayWords } from '../../ui/words/days';
import { Icon, type IconName } from '../../ui/Icon/Icon';
import { Heading } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { severityNames } from '../../ui/seam/words';

const words: Record<Change, { name: string; icon: IconName }> = {
  better: { name: 'Better', icon: 'arrow-up' },
  same: { name: 'Same', icon: 'minus' },
  slipped: { name: 'Slipped', icon: 'arrow-down' },
  new: { name: 'Looked at for the first time', icon: 'plus' },
  'not-looked-at': { name: 'Not looked at this time', icon: 'close' },
};

const gradeWords = (grade: number | null): string =>
  grade === null ? 'not looked at' : severityNames[grade]!;

interface Props {
  athlete: ProvePage['athlete'];
  /** Finished looks, oldest first. */
  looks: readonly LookRecord[];
  /** The look that the plan came from. */
  startedFrom: string | null;
}

/** Two looks on two seams, point by point. */
export function BeforeAfter({ athlete, looks, startedFrom }: Props) {
  const today = useToday();
  const after = looks.at(-1);
  const earlier = looks.slice(0, -1);
  const start = earlier.find(({ id }) => id === startedFrom) ?? earlier[0];
  const [chosen, setChosen] = useState(start?.id ?? null);
  const before = earlier.find(({ id }) => id === chosen) ?? start;
  const ids = useMemo(() => {
    const place = (node: Node) =>
      node.type === 'flaw' ? phases[athlete.discipline].indexOf(node.phase as never) : 99;
    return [...nodesFor(athlete.discipline)].sort((a, b) => place(a) - place(b)).map(({ id }) => id);
  }, [athlete.discipline]);
  const compared = before && after ? compareLooks(before.findings, after.findings, ids) : null;
  if (!after) return null;
  if (!before || !compared)
    return (
      <Card>
        <Heading>Before and after</Heading>
        <Text>{`One look so far, ${dayWords(after.date, today)}. The next one is set against it here.`}</Text>
        <Seam discipline={athlete.discipline} findings={after.findings} size="row" label="The only look" />
      </Card>
    );
  return (
    <Card>
      <Heading>Before and after</Heading>
      {earlier.length > 1 ? (
        <Choices<string>
          label="Set against the look of"
          shown
          value={before.id}
          onChange={setChosen}
          options={earlier.map(({ id, date }) => ({ value: id, text: dayWords(date, today) }))}
        />
      ) : null}
      {[before, after].map((look, n) => (
        <View key={look.id}>
          <Text variant="labelMedium">{`${n ? 'After' : 'Before'}, ${dayWords(look.date, today)}`}</Text>
          <Seam
            discipline={athlete.discipline}
            findings={look.findings}
            size="row"
            label={n ? 'After' : 'Before'}
            marked={n ? compared.points.filter(({ change }) => change === 'slipped').map(({ id }) => id) : []}
          />
        </View>
      ))}
      <Text variant="titleMedium">
        {`${compared.count.better} better, ${compared.count.same} same, ${compared.count.slipped} slipped`}
      </Text>
      <Text variant="bodySmall">
        {`Severity in all ${compared.sum.before} → ${compared.sum.after}, over what was looked at both times. What was not looked at is never called better.`}
      </Text>
      {changes.map((change) => {
        const points = compared.points.filter(
          (point) => point.change === change && !(change === 'same' && point.after === 0),
        );
        return points.length ? (
          <View key={change} style={styles.group}>
            <View style={styles.row}>
              <Icon name={words[change].icon} size={20} />
              <Text variant="titleMedium" role="heading" aria-level={3}>
                {words[change].name}
              </Text>
            </View>
            {points.map(({ id, before: was, after: is }) => (
              <Text key={id} variant="bodyMedium">
                {`${nodeName(id)}: ${gradeWords(was)} → ${gradeWords(is)}`}
              </Text>
            ))}
          </View>
        ) : null;
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  group: { gap: 2, marginTop: 6 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 6 },
});
