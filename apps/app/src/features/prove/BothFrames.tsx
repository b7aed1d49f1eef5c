import type { ClipRecord, LookRecord, PictureRecord, ProvePage } from '@wrightonic/contract';
import { daysBetween, filmedEvents, type ClipEvent } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { useClips } from '../../store/useClips';
import { Choices } from '../../ui/form/Choices';
import { eventName } from '../../ui/words/clipEvents';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';

interface Props {
  athlete: ProvePage['athlete'];
  before: LookRecord;
  after: LookRecord;
}

/** A frame belongs to a look that was taken no more than so many days before or after it. */
const nearDays = 10;
/** A frame shows an event that was marked this close to it, s. */
const nearEvent = 0.06;

const eventOf = ({ clipId, time }: PictureRecord, clips: readonly ClipRecord[]): ClipEvent | null => {
  const marks = clips.find(({ id }) => id === clipId)?.marks ?? {};
  const found = Object.entries(marks).find(([, at]) => Math.abs(at - time) <= nearEvent);
  return (found?.[0] as ClipEvent | undefined) ?? null;
};

/** Of each event the kept frame that is nearest to a look. */
function framesOf(
  look: LookRecord,
  pictures: readonly PictureRecord[],
  clips: readonly ClipRecord[],
): Map<ClipEvent, PictureRecord> {
  const apart = ({ date }: PictureRecord) => Math.abs(daysBetween(date, look.date));
  const near = pictures.filter((picture) => apart(picture) <= nearDays).sort((a, b) => apart(b) - apart(a));
  return new Map(
    near.flatMap((picture) => {
      const event = eventOf(picture, clips);
      return event ? [[event, picture] as const] : [];
    }),
  );
}

/** The marked frames of both times beside each other, at the same event. */
export function BothFrames({ athlete, before, after }: Props) {
  const today = useToday();
  const { data } = lazyEndpoints.useAthleteProfileQuery(athlete.id);
  const { clips = [] } = useClips(athlete.id);
  const [chosen, setChosen] = useState<ClipEvent | null>(null);
  const pictures = data?.pictures ?? [];
  const [was, is] = [before, after].map((look) => framesOf(look, pictures, clips)) as [
    Map<ClipEvent, PictureRecord>,
    Map<ClipEvent, PictureRecord>,
  ];
  const both = filmedEvents[athlete.discipline].filter((event) => was.has(event) && is.has(event));
  const event = both.find((each) => each === chosen) ?? both.find((each) => each === 'plant') ?? both[0];
  if (!event) return null;
  return (
    <View style={styles.root}>
      <Text variant="titleMedium" role="heading" aria-level={3}>
        {texts.markedFrames}
      </Text>
      {both.length > 1 ? (
        <Choices
          label={texts.linedUpAt}
          value={event}
          onChange={setChosen}
          options={both.map((value) => ({ value, text: eventName(value) }))}
        />
      ) : null}
      <View style={styles.row}>
        {[was.get(event)!, is.get(event)!].map(({ id, date }, n) => (
          <View key={n} style={styles.one}>
            <img
              src={`/api/pictures/${id}`}
              alt={`${n ? texts.after : texts.before}: ${eventName(event)}, ${dayWords(date, today)}`}
              style={{ width: '100%', borderRadius: 4 }}
            />
            <Text variant="bodySmall">{`${n ? texts.after : texts.before}, ${dayWords(date, today)}`}</Text>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6, marginTop: 6 },
  row: { flexDirection: 'row', gap: 8 },
  one: { flex: 1, minWidth: 0 },
});
