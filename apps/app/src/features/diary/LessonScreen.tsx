import type { Lesson, RosterEntry } from '@wrightonic/contract';
import type { LessonState } from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Checkbox, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, longDay, timeAt } from '../../ui/words/days';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { MoveLesson } from './MoveLesson';
import { Replan } from './Replan';
import { useDiary } from './useDiary';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const becameWords: Record<LessonState, string> = {
  on: texts.asPlannedAgain,
  moved: texts.moved,
  'called-off': texts.calledOff,
  'no-show': texts.didNotCome,
  'rained-off': texts.rainedOff,
};

const ways: readonly { state: LessonState; text: string }[] = [
  { state: 'no-show', text: texts.didNotCome },
  { state: 'rained-off', text: texts.rainedOff },
  { state: 'called-off', text: texts.callOff },
];

/** One lesson: what becomes of it, and what that does to the week. */
export function LessonScreen() {
  const today = useToday();
  const { lesson: id, on = today } = useLocalSearchParams<{ lesson: string; on?: string }>();
  const { lessons, error, again } = useDiary(on, 1);
  const { data: roster } = api.useRosterQuery();
  /** As it stood when the screen was opened: a lesson that is moved away is not on this day any more. */
  const [known, setKnown] = useState<Lesson | null>(null);
  const found = lessons?.find((each) => each.id === id);
  if (found && !known) setKnown(found);
  const lesson = found ?? known;
  const athlete = roster?.find((each) => each.id === lesson?.athleteId);
  return (
    <Screen
      title={athlete ? texts.sLesson(athlete.givenName) : texts.lesson}
      back={on === today ? { label: texts.back, to: '/' } : { label: texts.backToTheDiary, to: '/diary' }}
    >
      {error ? <ErrorNotice error={error} again={again} /> : null}
      {!lessons && !error ? <Waiting what={texts.readingTheDiary} /> : null}
      {lessons && !lesson ? <Empty>{texts.thisLessonIsNot}</Empty> : null}
      {lesson ? <One lesson={lesson} on={on} roster={roster ?? []} /> : null}
    </Screen>
  );
}

interface OneProps {
  lesson: Lesson;
  on: string;
  roster: readonly RosterEntry[];
}

function One({ lesson, on, roster }: OneProps) {
  const athletes = useMemo(() => new Map(roster.map((each) => [each.id, each])), [roster]);
  const { academy } = useMe();
  const dispatch = useAppDispatch();
  const [reason, setReason] = useState('');
  const [rest, setRest] = useState(false);
  const [moving, setMoving] = useState(false);
  /** Where it went in this visit; the same day where it does not take place. */
  const [changed, setChanged] = useState<{ state: LessonState; to: string | null } | null>(null);
  const state = changed?.state ?? lesson.state;
  const change = (next: LessonState, more: { startsAt?: string; place?: string } = {}) => {
    const { startsAt = null, place = null } = more;
    dispatch(
      log(lesson.athleteId, 'lesson-changed', {
        lessonId: lesson.id,
        state: next,
        startsAt,
        place,
        reason: reason.trim(),
        rest: rest && (next === 'called-off' || next === 'on'),
      }),
    );
    setMoving(false);
    setChanged({ state: next, to: startsAt && dayAt(new Date(startsAt), academy.zone) });
  };
  const at = lesson.movedFrom ?? lesson.startsAt;
  return (
    <>
      <Card>
        <Text variant="titleMedium">
          {texts.min(
            longDay(dayAt(new Date(lesson.startsAt), academy.zone)),
            timeAt(lesson.startsAt, academy.zone),
            lesson.minutes,
          )}
        </Text>
        {lesson.place ? <Text>{lesson.place}</Text> : null}
        {lesson.movedFrom ? (
          <Text variant="bodySmall">
            {texts.movedFrom(longDay(dayAt(new Date(at), academy.zone)), timeAt(at, academy.zone))}
          </Text>
        ) : null}
        <Text variant="labelLarge" role="status">
          {state === 'on' ? texts.asPlanned : becameWords[state]}
        </Text>
        {lesson.reason ? <Text variant="bodySmall">{lesson.reason}</Text> : null}
      </Card>
      <Card>
        <Heading>{texts.changeThisLesson}</Heading>
        <TextField
          label={texts.whyOptional}
          name={texts.why}
          value={reason}
          onChange={setReason}
          atMost={300}
        />
        {lesson.series ? (
          <Checkbox.Item
            label={texts.alsoCallOffAll}
            status={rest ? 'checked' : 'unchecked'}
            onPress={() => setRest(!rest)}
            style={styles.check}
          />
        ) : null}
        <View style={styles.row}>
          {ways.map((way) => (
            <Button
              key={way.state}
              mode={state === way.state ? 'contained' : 'outlined'}
              onPress={() => change(way.state)}
            >
              {rest && way.state === 'called-off'
                ? texts.callOffAllFrom(lesson.fromHere, longDay(on))
                : way.text}
            </Button>
          ))}
          <Button mode="outlined" onPress={() => setMoving(!moving)}>
            {texts.moveLesson}
          </Button>
          {state === 'on' ? null : (
            <Button mode="text" onPress={() => change('on')}>
              {rest ? texts.restoreAllFrom(lesson.fromHere, longDay(on)) : texts.restoreLesson}
            </Button>
          )}
        </View>
        {moving ? (
          <MoveLesson
            lesson={lesson}
            athletes={athletes}
            onMove={(startsAt, place) => change('moved', { startsAt, place })}
          />
        ) : null}
      </Card>
      {changed && changed.state !== 'on' ? (
        <Replan
          key={`${changed.state} ${changed.to}`}
          athleteId={lesson.athleteId}
          date={on}
          to={changed.to}
          minutes={lesson.minutes}
        />
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  check: { paddingHorizontal: 0 },
});
