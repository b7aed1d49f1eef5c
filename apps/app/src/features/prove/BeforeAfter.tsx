import type { LookRecord, ProvePage } from '@wrightonic/contract';
import {
  changes,
  comparedIds,
  compareLooks,
  nodeName,
  nodeOf,
  phases,
  sumWords,
  type Change,
  type Compared,
} from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { useWide } from '../../ui/hooks/useWide';
import { Icon, type IconName } from '../../ui/Icon/Icon';
import { Heading } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { phaseNames, severityNames } from '../../ui/seam/words';
import { dayWords } from '../../ui/words/days';
import { BothFrames } from './BothFrames';
import { BothMoving } from './BothMoving';
import { LookStepper } from './LookStepper';
import { MeasuredTwice } from './MeasuredTwice';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const words: Record<Change, { name: string; icon: IconName }> = {
  better: { name: texts.better, icon: 'arrow-up' },
  same: { name: texts.same, icon: 'minus' },
  slipped: { name: texts.slipped, icon: 'arrow-down' },
  new: { name: texts.lookedAt, icon: 'plus' },
  'not-looked-at': { name: texts.notLooked, icon: 'close' },
};

const gradeWords = (grade: number | null): string =>
  grade === null ? texts.notLookedAt : severityNames[grade]!;

interface Props {
  athlete: ProvePage['athlete'];
  /** Finished looks, oldest first. */
  looks: readonly LookRecord[];
  before: LookRecord | null;
  after: LookRecord | null;
  onBefore: (id: string) => void;
  onAfter: (id: string) => void;
}

/** Any two looks: on two seams, in motion, point by point. */
export function BeforeAfter({ athlete, looks, before, after, onBefore, onAfter }: Props) {
  const today = useToday();
  const { discipline } = athlete;
  const [moves, setMoves] = useState(false);
  const compared = useMemo(
    () => (before && after ? compareLooks(before.findings, after.findings, comparedIds(discipline)) : null),
    [before, after, discipline],
  );
  if (!after) return null;
  if (!before || !compared)
    return (
      <Card>
        <Heading>{texts.beforeAndAfter}</Heading>
        <Text>{texts.oneLookSoFar(dayWords(after.date, today))}</Text>
        <Seam discipline={discipline} findings={after.findings} size="row" label={texts.theOnlyLook} />
      </Card>
    );
  const at = looks.indexOf(after);
  return (
    <Card>
      <Heading>{texts.beforeAndAfter}</Heading>
      {[before, after].map((look, n) => (
        <View key={n}>
          {looks.length > 2 ? (
            <LookStepper
              label={n ? texts.after : texts.before}
              looks={n ? looks.slice(1) : looks.slice(0, at)}
              value={look}
              onChange={n ? onAfter : onBefore}
            />
          ) : (
            <Text variant="labelMedium">{`${n ? texts.after : texts.before}, ${dayWords(look.date, today)}`}</Text>
          )}
          <Seam
            discipline={discipline}
            findings={look.findings}
            size="row"
            label={n ? texts.after : texts.before}
            marked={n ? compared.points.filter(({ change }) => change === 'slipped').map(({ id }) => id) : []}
          />
        </View>
      ))}
      <Text variant="titleMedium">{sumWords(discipline, compared)}</Text>
      <Text>
        {texts.betterSameSlipped(compared.count.better, compared.count.same, compared.count.slipped)}
      </Text>
      <Text variant="bodySmall">{texts.thePointsCountWhat}</Text>
      <Button mode="outlined" style={styles.start} onPress={() => setMoves(!moves)}>
        {moves ? texts.hideTheMovingFigures : texts.seeBothInMotion}
      </Button>
      {moves ? <BothMoving athlete={athlete} before={before} after={after} /> : null}
      <BothFrames athlete={athlete} before={before} after={after} />
      <MeasuredTwice before={before} after={after} />
      <Points points={compared.points} discipline={discipline} />
    </Card>
  );
}

/** Under which heading a checkpoint stands: its phase, or what is no part of the delivery. */
const placeOf = (id: string): string => {
  const node = nodeOf(id);
  return node?.type === 'flaw' ? node.phase : node?.type === 'limit' ? 'body' : 'ball';
};
const placeNames: Readonly<Record<string, string>> = { ...phaseNames, body: texts.body, ball: texts.ball };

/** What changed, phase by phase; what was clean and stayed so is counted alone. */
function Points({
  points,
  discipline,
}: {
  points: readonly Compared[];
  discipline: ProvePage['athlete']['discipline'];
}) {
  const wide = useWide();
  const places = [...phases[discipline], 'body', 'ball'].map((place) => ({
    place,
    here: points.filter(({ id }) => placeOf(id) === place),
  }));
  return (
    <View style={wide ? styles.columns : null}>
      {places
        .filter(({ here }) => here.length)
        .map(({ place, here }) => {
          const clean = here.filter(({ change, after }) => change === 'same' && after === 0).length;
          return (
            <View key={place} style={[styles.group, wide ? styles.column : null]}>
              <Text variant="titleMedium" role="heading" aria-level={3}>
                {placeNames[place]}
              </Text>
              {changes.flatMap((change) =>
                here
                  .filter((point) => point.change === change && !(change === 'same' && point.after === 0))
                  .map(({ id, before: was, after: is }) => (
                    <View key={id} style={styles.row}>
                      <Icon name={words[change].icon} size={20} />
                      <Text style={styles.grow}>
                        {`${words[change].name}: ${nodeName(id)}, ${gradeWords(was)} → ${gradeWords(is)}`}
                      </Text>
                    </View>
                  )),
              )}
              {clean ? <Text variant="bodySmall">{texts.cleanBothTimes(clean)}</Text> : null}
            </View>
          );
        })}
    </View>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  columns: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  column: { width: '47%', flexGrow: 1 },
  group: { gap: 2, marginTop: 6 },
  row: { flexDirection: 'row', alignItems: 'flex-start', gap: 6 },
  grow: { flex: 1, minWidth: 0 },
});
