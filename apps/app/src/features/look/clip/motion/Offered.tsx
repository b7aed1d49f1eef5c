import type { LookPage, MotionOffer } from '@wrightonic/contract';
import {
  isRead,
  keptMotion,
  motionMeasureOf,
  nodeName,
  type KeypointClip,
  type ThrowsReading,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Checkbox, Text } from 'react-native-paper';
import type { KeptTrack } from '../../../../offline/database';
import { log } from '../../../../offline/log';
import { useAppDispatch } from '../../../../store/store';
import { severityNames } from '../../../../ui/seam/words';
import type { FilmState } from '../useClip';
import { timesOf, type Read } from './times';
import { slowedBy } from './useTracking';

interface Props {
  athlete: LookPage['athlete'];
  state: FilmState;
  kept: KeptTrack;
  reading: ThrowsReading;
  film: Omit<KeypointClip, 'frames' | 'size'>;
}

/** Where a figure was measured, s of true time; null where it is of several events. */
const measuredAt = (measure: string, { events }: Read): number | null => {
  const needs = motionMeasureOf(measure)?.needs ?? [];
  return needs.length === 1 ? (events[needs[0]!]?.t ?? null) : null;
};

/** The grades that a film says; the instructor takes them, or leaves some out, and both are kept. */
export function Offered({ athlete, state, kept, reading, film }: Props) {
  const dispatch = useAppDispatch();
  const clip = state.clip!;
  const [left, setLeft] = useState<ReadonlySet<string>>(
    () => new Set(clip.motion?.offers.filter(({ taken }) => !taken).map((each) => each.checkpoint)),
  );
  const n = reading.throws.findIndex(isRead);
  const first = reading.throws[n] as Read;
  const slowed = slowedBy(clip);
  const { evidence } = reading;
  const [open, setOpen] = useState(false);
  const clean = evidence.filter(({ severity }) => severity === 0);
  const worst = evidence.filter(({ severity }) => severity > 0).sort((a, b) => b.severity - a.severity);
  const shown = open ? [...worst, ...clean] : worst;
  const take = () => {
    const figureOf = (id: string) => reading.measures.find((each) => each.id === id)!;
    const offers = evidence.map(({ checkpoint, severity, between, measure, why }): MotionOffer => {
      const at = measuredAt(measure, first);
      return {
        checkpoint,
        severity,
        between: between ? [...between] : null,
        measure,
        value: figureOf(measure).value,
        off: figureOf(measure).plusMinus,
        why,
        taken: !left.has(checkpoint),
        time: at === null ? null : at * slowed,
      };
    });
    const figures = reading.measures.map(({ id, value, plusMinus, scatter }) => ({
      id,
      value,
      off: plusMinus,
      scatter,
    }));
    const { frames } = kept.tracked.throws.filter(({ whole }) => whole)[n]!;
    const motion = keptMotion({ ...film, size: kept.tracked.size, frames }, timesOf(first));
    dispatch(
      log(athlete.id, 'clip-motion', {
        clipId: clip.id,
        throws: reading.throws.length,
        offers,
        figures,
        motion,
      }),
    );
  };
  return (
    <View style={styles.gap}>
      <Text variant="labelLarge">For the next look</Text>
      {shown.map(({ checkpoint, severity, why }) => (
        <Checkbox.Item
          key={`${checkpoint} ${why}`}
          mode="android"
          position="leading"
          label={`${nodeName(checkpoint)}: ${severityNames[severity]}. ${why}.`}
          labelStyle={styles.label}
          labelVariant="bodyMedium"
          status={left.has(checkpoint) ? 'unchecked' : 'checked'}
          onPress={() => {
            const next = new Set(left);
            if (!next.delete(checkpoint)) next.add(checkpoint);
            setLeft(next);
          }}
          style={styles.item}
        />
      ))}
      {clean.length ? (
        <Button mode="text" compact onPress={() => setOpen(!open)}>
          {open ? 'Hide what is clean' : `${clean.length} clean`}
        </Button>
      ) : null}
      {evidence.length === 0 ? (
        <Text>Nothing in this film is far enough from usual, or seen clearly enough, to be graded.</Text>
      ) : null}
      <Button mode="contained" onPress={take} contentStyle={styles.tall}>
        {clip.motion ? 'Offer them anew' : 'Offer them to the look'}
      </Button>
      {clip.motion ? (
        <>
          <Text role="status">
            {`${clip.motion.offers.filter(({ taken }) => taken).length} grades are offered to the next look, and the figures are kept with the clip.`}
          </Text>
          <Button mode="outlined" onPress={() => router.navigate(`/athletes/${athlete.id}/look`)}>
            Go to Look and take it in
          </Button>
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 8 },
  item: { paddingHorizontal: 0, paddingVertical: 2 },
  label: { textAlign: 'left' },
  tall: { minHeight: 48 },
});
