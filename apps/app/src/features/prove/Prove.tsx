import { gateWords, historyOf, nodesFor } from '@wrightonic/core';
import { router } from 'expo-router';
import { Button, Text } from 'react-native-paper';
import { VelocityChart } from '../../charts/VelocityChart';
import { useAthlete, useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { Empty, Notice, NotRead } from '../../ui/Notice/Notice';
import { Motions } from '../../ui/motions/Motions';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { useWide } from '../../ui/hooks/useWide';
import { BeforeAfter } from './BeforeAfter';
import { KeptOrBack } from './KeptOrBack';
import { WhatMoved } from './WhatMoved';
import { VelocityFigures } from './VelocityFigures';
import { comparable, noVerdictWords, simulatedNote, velocityVerdict, verdictWords } from './verdict';
import { useBook } from '../../ui/hooks/useBook';

/** Did it help? Velocity against noise, the delivery then and now, and what is learned. */
export function Prove() {
  const book = useBook();
  const { id, page, error: unread, again } = useAthlete('prove');
  const { person } = useMe();
  const today = useToday();
  const wide = useWide();
  if (!page) return <NotRead error={unread} again={again} />;
  const { velocities, athlete, plan } = page;
  const unit = person.velocityUnit;
  const looks = page.looks.filter(({ finished }) => finished);
  const history = historyOf(
    looks,
    nodesFor(athlete.discipline).map((each) => each.id),
  );
  const verdict = velocityVerdict(velocities, unit);
  const last = velocities.at(-1);
  const worked = (plan?.threads ?? [])
    .flatMap(({ stages }) => stages.flatMap(({ drills }) => drills))
    .filter(({ gate }) => gate.n > 0);
  const learned = [...new Map(worked.map((drill) => [drill.drill, drill])).values()];
  if (!looks.length && !velocities.length && !learned.length)
    return (
      <Pane>
        <Empty
          action={
            <Button mode="contained" onPress={() => router.replace(`/athletes/${id}/look`)}>
              Take a look
            </Button>
          }
        >
          Nothing to prove yet. Take a first look; what comes later is set against it here.
        </Empty>
        <Motions athlete={athlete} />
      </Pane>
    );
  return (
    <Pane maxWidth={wide ? 980 : 760}>
      <Card>
        <Heading>Velocity</Heading>
        {verdict ? (
          <>
            <Text variant="headlineMedium">
              {`${verdict.before.toFixed(1)} → ${verdict.after.toFixed(1)} ${unit}`}
            </Text>
            <Text variant="bodyLarge">{verdictWords(verdict, unit)}</Text>
            <Text variant="bodySmall">
              {`Usual of ${dayWords(verdict.from, today)} against ${dayWords(verdict.to, today)}, ${verdict.compared}. Usual is the middle of five or more like throws.`}
            </Text>
            <VelocityChart
              days={comparable(velocities)}
              unit={unit}
              label={`Velocity in ${comparable(velocities).length} sessions: usual from ${verdict.before.toFixed(1)} to ${verdict.after.toFixed(1)} ${unit}. ${verdictWords(verdict, unit)}`}
            />
          </>
        ) : (
          <Text>{noVerdictWords(velocities)}</Text>
        )}
        {simulatedNote(comparable(velocities)) ? (
          <Notice>{simulatedNote(comparable(velocities))}</Notice>
        ) : null}
        {last ? <VelocityFigures figures={last} unit={unit} when={dayWords(last.date, today)} /> : null}
      </Card>
      <Motions athlete={athlete} />
      <BeforeAfter athlete={athlete} looks={looks} startedFrom={page.trace?.lookId ?? null} />
      <KeptOrBack {...history} />
      {looks.length ? (
        <WhatMoved timeline={history.timeline} from={looks[0]!.date} to={looks.at(-1)!.date} />
      ) : null}
      {learned.length ? (
        <Card>
          <Heading>Is it learned?</Heading>
          {learned.map(({ drill, gate, recent }) => (
            <Text key={drill}>
              <Text variant="labelLarge">{book.drill(drill)?.name ?? drill}</Text>
              {`  ${gateWords(gate, recent.at(-1)?.pain ?? false)}`}
            </Text>
          ))}
          <Text variant="bodySmall">{`Counted over the last three sessions of each drill; ${page.sessions.length} ${page.sessions.length === 1 ? 'session' : 'sessions'} in all.`}</Text>
        </Card>
      ) : null}
    </Pane>
  );
}
