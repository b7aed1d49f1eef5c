import { type FindingDetail } from '@wrightonic/contract';
import {
  severities,
  type Carried,
  type Hand,
  type Offer,
  type Severity,
  detailOfOffer,
} from '@wrightonic/core';
import { memo, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { useToday } from '../../store/useAthlete';
import { agoWords } from '../words/days';
import { BodyFigure } from '../body/BodyFigure';
import { CleanAndWrong } from '../body/CleanAndWrong';
import { SeeItMove } from '../body/SeeItMove';
import { StitchSign } from '../seam/Stitches';
import { severityNames } from '../seam/words';
import { MeasureField, NoteField } from './CheckpointFields';
import { OfferSeen } from './OfferSeen';
import type { LookPoint } from './steps';
import { texts } from '../texts';
import { Button } from '../Button/Button';

export type OnGrade = (id: string, grade: Severity | null, detail?: FindingDetail) => void;

interface Props {
  point: LookPoint;
  grade: Severity | null;
  detail: FindingDetail | undefined;
  /** The grade of an earlier look; it counts until this one is looked at again. */
  carried?: Carried | undefined;
  offer: Offer | undefined;
  hand: Hand;
  /** With the figure, the measure and the note; a quick look goes without. */
  full: boolean;
  onGrade: OnGrade;
}

/** What a checkpoint is and how it looks; the figure of a flaw moves when it is tapped. */
function Head({ point: { id, name, see, measure }, hand, full }: Pick<Props, 'point' | 'hand' | 'full'>) {
  const [moves, setMoves] = useState(false);
  const isFlaw = id.includes('.') && !id.startsWith('lim.') && !id.startsWith('sym.');
  return (
    <>
      <View style={styles.beside}>
        {full && isFlaw ? (
          <SeeItMove name={name} moves={moves} onToggle={() => setMoves(!moves)}>
            <BodyFigure flaw={id} hand={hand} label={texts.howItLooks(name)} width={116} height={112} />
          </SeeItMove>
        ) : null}
        <View style={styles.grow}>
          <Text variant="titleMedium">{name}</Text>
          <Text variant="bodySmall">{see}</Text>
          {full && measure ? <Text variant="bodySmall">{measure.words}</Text> : null}
        </View>
      </View>
      {moves ? <CleanAndWrong flaw={id} name={name} hand={hand} /> : null}
    </>
  );
}

/** One checkpoint with its four stitches to tap; tapping the chosen one again takes the grade back. */
export const Checkpoint = memo(function Checkpoint(props: Props) {
  const { point, grade, detail, carried, offer, hand, full, onGrade } = props;
  const { id, name, measure } = point;
  const own = useColours();
  const today = useToday();
  const [opened, setOpened] = useState<'measure' | 'note' | null>(null);
  const kept = { ...detail };
  return (
    <View
      style={[styles.root, { backgroundColor: own.surface, borderColor: own.line }]}
      role="group"
      aria-label={name}
    >
      <Head point={point} hand={hand} full={full} />
      {typeof detail?.value === 'number' && typeof detail.derived === 'number' ? (
        <Text variant="bodySmall" role="note">
          {texts.measured(
            Number(detail.value.toFixed(1)),
            point.unit ?? '',
            severityNames[detail.derived],
            grade !== null && grade !== detail.derived ? texts.youSaidBothAre(severityNames[grade]) : '.',
          )}
        </Text>
      ) : null}
      {carried && grade === null ? (
        <Text variant="bodySmall" role="note">
          {texts.carried(severityNames[carried.grade], agoWords(carried.date, today))}
        </Text>
      ) : null}
      {detail?.note ? <Text variant="bodySmall">{texts.note2(detail.note)}</Text> : null}
      <View style={styles.row}>
        {severities.map((severity) => {
          const chosen = grade === severity;
          const ink = chosen ? own.onDusk : severity ? own.clay : own.ink;
          return (
            <Pressable
              key={severity}
              role="button"
              aria-pressed={chosen}
              aria-label={`${name}: ${severityNames[severity]}`}
              onPress={() => onGrade(id, chosen ? null : severity, detail ? kept : undefined)}
              style={[
                styles.stitch,
                {
                  borderColor: chosen ? own.dusk : own.line,
                  backgroundColor: chosen ? own.dusk : own.surface,
                },
              ]}
            >
              <StitchSign grade={severity} size={5} ink={ink} />
              <Text variant="labelSmall" style={[styles.name, { color: chosen ? own.onDusk : own.ink }]}>
                {severityNames[severity]}
              </Text>
            </Pressable>
          );
        })}
      </View>
      {offer ? <Offered offer={offer} name={name} hand={hand} onGrade={onGrade} /> : null}
      {full ? (
        <View style={styles.row}>
          {measure ? (
            <Button
              mode="text"
              compact
              accessibilityLabel={texts.measure2(name)}
              onPress={() => setOpened(opened === 'measure' ? null : 'measure')}
            >
              {texts.measure}
            </Button>
          ) : null}
          <Button
            mode="text"
            compact
            accessibilityLabel={texts.noteOn(name)}
            onPress={() => setOpened(opened === 'note' ? null : 'note')}
          >
            {detail?.note ? texts.changeTheNote : texts.note}
          </Button>
        </View>
      ) : null}
      {opened === 'measure' && measure ? (
        <MeasureField
          measure={measure}
          name={name}
          value={detail?.value ?? null}
          onTake={(value, derived) => {
            onGrade(id, derived, { ...kept, value, derived, source: 'measure' });
            setOpened(null);
          }}
        />
      ) : null}
      {opened === 'note' ? (
        <NoteField
          name={name}
          note={detail?.note ?? ''}
          onKeep={(note) => {
            onGrade(id, grade, { ...kept, note });
            setOpened(null);
          }}
        />
      ) : null}
    </View>
  );
});

const fromWords: Record<Offer['from'], string> = {
  screen: texts.thePhysicalScreen,
  throws: texts.theThrows,
  clip: texts.theClip,
  curves: texts.theSpeedCurves,
};

interface OfferedProps extends Pick<Props, 'hand' | 'onGrade'> {
  offer: Offer;
  name: string;
}

/** What something measured proposes, taken with one tap. */
function Offered({ offer, name, hand, onGrade }: OfferedProps) {
  const own = useColours();
  const { node, severity, from, why, seen } = offer;
  const take = () => onGrade(node, severity, detailOfOffer(offer));
  return (
    <View style={[styles.offer, { backgroundColor: own.amberSunk }]}>
      {seen ? <OfferSeen seen={seen} hand={hand} name={name} /> : null}
      <View style={[styles.grow, seen ? null : styles.line]}>
        <Text variant="bodySmall" style={seen ? null : styles.grow}>
          {texts.from(fromWords[from], severityNames[severity], why)}
        </Text>
        <Button
          mode="contained"
          compact
          accessibilityLabel={texts.useFor(severityNames[severity], name)}
          onPress={take}
        >
          {texts.useIt}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { borderWidth: 1, borderRadius: 8, padding: 12, gap: 4 },
  beside: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  grow: { flex: 1, gap: 2 },
  row: { flexDirection: 'row', gap: 6, marginTop: 4 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  stitch: {
    flex: 1,
    minHeight: 54,
    borderWidth: 2,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
  name: { textTransform: 'capitalize' },
  offer: { flexDirection: 'row', alignItems: 'center', gap: 8, borderRadius: 6, padding: 8, marginTop: 4 },
});
