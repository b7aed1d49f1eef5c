import type { LogEvent, PlanDrill, WorkPage } from '@wrightonic/contract';
import {
  gateWords,
  listed,
  lockedAtHomeWords,
  missesBecause,
  missReasonName,
  parseDose,
  repSideWords,
  thrownWords,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Card } from '../../ui/Card/Card';
import { TextField } from '../../ui/form/TextField';
import { useBook } from '../../ui/hooks/useBook';
import { Icon } from '../../ui/Icon/Icon';
import { MoveStage } from '../../ui/MoveStage/MoveStage';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { TitleRow } from '../../ui/Screen/Screen';
import { NextDate } from './NextDate';
import { goesHome, painIn, sessionWords, simulatedWords, wentWell, workedIn } from './report';
import { ReportLine } from './ReportLine';
import { countOf, countsBy, reasonsOf, thrown, threadWith } from './session';
import { constraintsNow } from './sets';
import type { Session } from './useSession';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: WorkPage;
  session: Session;
  onBack: () => void;
  onDone: (note: string) => void;
}

interface WorkedProps {
  page: WorkPage;
  events: readonly LogEvent[];
  id: string;
  /** The drill of the plan, with its gate as it stands now. */
  planned: PlanDrill | undefined;
}

/** One drill that was worked: its reps, why some were missed, its sides, what its gate says. */
function WorkedDrill({ page, events, id, planned }: WorkedProps) {
  const dispatch = useAppDispatch();
  const book = useBook();
  const { id: athleteId, throws: hand } = page.athlete;
  const { clean, missed } = countOf(events, id);
  const reasons = missesBecause(reasonsOf(events, id));
  const sides = countsBy(events, id, (rep) => rep.side ?? null)
    .flatMap(({ key, ...count }) => {
      if (!key) return [];
      const side = repSideWords(key, hand, parseDose(book.drill(id)!.dose));
      return [texts.of3(side, count.clean, count.clean + count.missed)];
    })
    .join('; ');
  const chooseLevel = (level: string) =>
    dispatch(log(athleteId, 'level-chosen', { athleteId, drill: id, level }));
  return (
    <Card>
      <View style={styles.row}>
        <Text variant="titleMedium" style={styles.grow}>
          {book.drill(id)?.name ?? id}
        </Text>
        <Text variant="titleLarge">{texts.of4(clean, clean + missed)}</Text>
      </View>
      {reasons.length ? (
        <Text variant="bodySmall">
          {texts.missed3(
            reasons
              .map((why) => `${missReasonName(why.id)}${why.n > 1 ? texts.times(why.n) : ''}`)
              .join(', '),
          )}
        </Text>
      ) : null}
      {planned ? (
        <Text variant="bodySmall">
          {texts.threeSessions(
            planned.level ? texts.levelLast(planned.level) : texts.last,
            gateWords(planned.gate, planned.pain),
          )}
        </Text>
      ) : null}
      {planned?.move ? (
        <Button mode="outlined" onPress={() => chooseLevel(planned.move!.to)}>
          {texts.moveUpTo(planned.move.direction, planned.move.to)}
        </Button>
      ) : null}
      {sides ? <Text variant="bodySmall">{sides}</Text> : null}
    </Card>
  );
}

/** The session with its threads as they stand when it is counted in. */
function useWorked(page: WorkPage, { events, sessionId, elsewhere }: Session) {
  const { person } = useMe();
  const book = useBook();
  const today = useToday();
  const name = (id: string) => book.drill(id)?.name ?? id;
  const threads = (page.plan?.threads ?? []).map((thread) =>
    threadWith(thread, sessionId!, events, { levels: page.levels, book }),
  );
  const worked = workedIn(events);
  const home = goesHome(page, today, book).map(name);
  const { lock } = page.pain;
  const words = [
    sessionWords(events, { name: page.athlete.givenName, unit: person.velocityUnit, book }),
    home.length ? texts.atHome(listed(home)) : '',
    lock ? lockedAtHomeWords(lock) : '',
  ];
  return {
    threads,
    worked,
    planned: new Map(
      threads
        .flatMap(({ stages }) => stages.flatMap(({ drills }) => drills))
        .map((each) => [each.drill, each] as const),
    ),
    best: wentWell(events, book),
    offers: worked.flatMap((id) => {
      const { offer } = constraintsNow(page, events, id, book);
      return offer ? [`${name(id)}: ${offer.why}`] : [];
    }),
    throws: thrown(page, events, elsewhere),
    report: words.filter(Boolean).join(' '),
    name,
  };
}

/** How a session ends: three lines and the text for the parent, or, with pain, that alone. */
export function Summary(props: Props) {
  const [note, setNote] = useState('');
  const hurt = painIn(props.session.events);
  const field = (
    <TextField
      label={hurt ? texts.whatHurtAndWhen : texts.noteOptional}
      name={texts.note}
      value={note}
      onChange={setNote}
      atMost={1000}
      lines={3}
    />
  );
  return (
    <Pane
      foot={
        <ActionBar>
          <Button mode="contained" contentStyle={styles.tall} onPress={() => props.onDone(note.trim())}>
            {texts.endSession}
          </Button>
        </ActionBar>
      }
    >
      <TitleRow
        title={texts.thisSession}
        action={<Button onPress={props.onBack}>{texts.backToSession}</Button>}
      />
      {hurt ? (
        <Card>
          <Notice alert>
            <Text variant="labelLarge">{texts.painInThe(hurt.site ?? 'body')}</Text>
            <Text>{texts.stopHereWriteDown}</Text>
            {props.page.pain.lock ? <Text>{texts.throwsAreLocked}</Text> : null}
          </Notice>
          {field}
        </Card>
      ) : (
        <WithoutPain {...props} field={field} />
      )}
    </Pane>
  );
}

function WithoutPain({ page, session, field }: Props & { field: React.ReactNode }) {
  const { events } = session;
  const { threads, worked, planned, best, offers, throws, report, name } = useWorked(page, session);
  const [all, setAll] = useState(false);
  const thrownToday = thrownWords(throws);
  return (
    <>
      <Card>
        <Line icon="check" label={texts.wentWell}>
          <Text>
            {best
              ? texts.ofClean2(name(best.drill), best.clean, best.reps)
              : worked.length
                ? texts.theWorkWasDone
                : texts.noRepsWereCounted2}
          </Text>
        </Line>
        <Line icon="arrow-up" label={texts.nextStep}>
          {threads.map((thread) => (
            <MoveStage
              key={thread.thread}
              athleteId={page.athlete.id}
              planId={page.plan!.id}
              thread={thread}
              otherwise={texts.again(thread.stage)}
            />
          ))}
          {offers.slice(0, 1).map((offer) => (
            <Text key={offer}>{offer}</Text>
          ))}
          {threads.length + offers.length === 0 ? <Text>{texts.buildAPlan}</Text> : null}
        </Line>
        <Line icon="calendar-plus" label={texts.nextLesson}>
          <NextDate page={page} />
        </Line>
      </Card>
      <ReportLine text={report} />
      {simulatedWords(events) ? <Text variant="bodySmall">{simulatedWords(events)}</Text> : null}
      {field}
      {worked.length ? (
        <Button
          mode="text"
          icon={all ? 'chevron-up' : 'chevron-down'}
          aria-expanded={all}
          style={styles.start}
          onPress={() => setAll(!all)}
        >
          {all
            ? texts.hideTheDrills
            : texts.showThe(worked.length === 1 ? 'drill' : texts.drills(worked.length))}
        </Button>
      ) : null}
      {all ? (
        <>
          {thrownToday ? <Text>{texts.atMostADay(thrownToday, throws.max)}</Text> : null}
          {worked.map((id) => (
            <WorkedDrill key={id} page={page} events={events} id={id} planned={planned.get(id)} />
          ))}
          {offers.slice(1).map((offer) => (
            <Text key={offer}>{offer}</Text>
          ))}
        </>
      ) : null}
    </>
  );
}

interface LineProps {
  icon: React.ComponentProps<typeof Icon>['name'];
  label: string;
  children: React.ReactNode;
}

const Line = ({ icon, label, children }: LineProps) => (
  <View style={styles.line} role="group" aria-label={label}>
    <Icon name={icon} />
    <View style={styles.grow}>
      <Text variant="labelMedium">{label}</Text>
      {children}
    </View>
  </View>
);

const styles = StyleSheet.create({
  tall: { minHeight: 52 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  line: { flexDirection: 'row', gap: 10, paddingVertical: 4 },
  grow: { flex: 1, minWidth: 0, gap: 4 },
  start: { alignSelf: 'flex-start' },
});
