import type { LogEvent, PlanDrill, WorkPage } from '@wrightonic/contract';
import {
  gateWords,
  missesBecause,
  missReasonName,
  parseDose,
  repSideWords,
  lockedAtHomeWords,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { MoveStage } from '../../ui/MoveStage/MoveStage';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading, TitleRow } from '../../ui/Screen/Screen';
import { NextDate } from './NextDate';
import { goesHome, sessionWords, simulatedWords, workedIn } from './report';
import { ReportLine } from './ReportLine';
import { countOf, countsBy, painOf, reasonsOf, thrown, threadWith } from './session';
import { constraintsNow } from './sets';
import type { Session } from './useSession';
import { useBook } from '../../ui/hooks/useBook';
import { TextField } from '../../ui/form/TextField';

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
      return [`${side}: ${count.clean} of ${count.clean + count.missed}`];
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
        <Text variant="titleLarge">{`${clean} of ${clean + missed}`}</Text>
      </View>
      {reasons.length ? (
        <Text variant="bodySmall">
          {`Missed: ${reasons
            .map((why) => `${missReasonName(why.id)}${why.n > 1 ? ` ${why.n} times` : ''}`)
            .join(', ')}`}
        </Text>
      ) : null}
      {planned ? (
        <Text variant="bodySmall">
          {`${planned.level ? `Level ${planned.level}, last` : 'Last'} three sessions: ${gateWords(planned.gate, planned.pain)}`}
        </Text>
      ) : null}
      {planned?.move ? (
        <Button mode="outlined" onPress={() => chooseLevel(planned.move!.to)}>
          {`${planned.move.direction === 'up' ? 'Move up' : 'Step back'} to ${planned.move.to}`}
        </Button>
      ) : null}
      {sides ? <Text variant="bodySmall">{sides}</Text> : null}
    </Card>
  );
}

/** What was done, what the gate makes of it, and a note. */
export function Summary({ page, session, onBack, onDone }: Props) {
  const { person } = useMe();
  const book = useBook();
  const { events, elsewhere, sessionId } = session;
  const [note, setNote] = useState('');
  const threads = (page.plan?.threads ?? []).map((thread) =>
    threadWith(thread, sessionId!, events, { levels: page.levels, book }),
  );
  const gates = new Map(
    threads.flatMap(({ stages }) => stages.flatMap(({ drills }) => drills)).map((each) => [each.drill, each]),
  );
  const today = useToday();
  const worked = workedIn(events);
  const name = (id: string) => book.drill(id)?.name ?? id;
  const words = sessionWords(events, { name: page.athlete.givenName, unit: person.velocityUnit, book });
  const offers = worked.flatMap((id) => {
    const { offer } = constraintsNow(page, events, id, book);
    return offer ? [`${name(id)}: ${offer.why}`] : [];
  });
  const home = goesHome(page, today, book).map(name);
  const { lock } = page.pain;
  const homeWords = `${home.length ? ` At home: ${home.join(', ')}.` : ''}${lock ? ` ${lockedAtHomeWords(lock)}` : ''}`;
  const throws = thrown(page, events, elsewhere);
  const hurts = (['before', 'after'] as const).some((moment) => painOf(events, moment)?.level === 'pain');
  return (
    <Pane
      foot={
        <ActionBar>
          <Button mode="contained" contentStyle={styles.tall} onPress={() => onDone(note.trim())}>
            End session
          </Button>
        </ActionBar>
      }
    >
      <TitleRow title="This session" action={<Button onPress={onBack}>Back to session</Button>} />
      {hurts ? (
        <Notice alert>
          Pain was marked. Stop here, write down what hurt and when, and suggest a licensed clinician.
        </Notice>
      ) : null}
      {worked.length === 0 ? <Text>No reps were counted.</Text> : null}
      {worked.map((id) => (
        <WorkedDrill key={id} page={page} events={events} id={id} planned={gates.get(id)} />
      ))}
      <Text>{words}</Text>
      {simulatedWords(events) ? <Text>{simulatedWords(events)}</Text> : null}
      <Text>{`${throws.counted} of ${throws.max} throws today.`}</Text>
      {offers.length ? <Heading>For the next set</Heading> : null}
      {offers.map((offer) => (
        <Text key={offer}>{offer}</Text>
      ))}
      {threads.length && page.plan ? <Heading>What the gate proposes</Heading> : null}
      {threads.map((thread) => (
        <MoveStage key={thread.thread} athleteId={page.athlete.id} planId={page.plan!.id} thread={thread} />
      ))}
      {threads.length ? (
        <Text variant="bodySmall">Where nothing is proposed, stay at the present stage.</Text>
      ) : null}
      <Heading>What goes home</Heading>
      <Text>
        {home.length
          ? `${home.join(', ')}, as assigned.${lock ? ' Throws are locked: no throwing drill goes home.' : ''}`
          : lock
            ? 'Nothing: throws are locked, and no dry drill is assigned.'
            : 'Nothing is assigned for the days to come. Assign the week in Build.'}
      </Text>
      <NextDate page={page} />
      <ReportLine text={`${words}${homeWords}`} />
      <TextField
        label="Note (optional)"
        name="Note"
        value={note}
        onChange={setNote}
        atMost={1000}
        lines={3}
      />
    </Pane>
  );
}

const styles = StyleSheet.create({
  tall: { minHeight: 52 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  grow: { flex: 1 },
});
