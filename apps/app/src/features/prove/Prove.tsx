import type { Course } from '@wrightonic/contract';
import {
  comparableSessions,
  gateWords,
  historyOf,
  movedBetween,
  nodesFor,
  timelineOf,
  writeTimeline,
  type TimelineInput,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { useAthlete, useMe, useToday, type PageOf } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { useBook } from '../../ui/hooks/useBook';
import { useWide } from '../../ui/hooks/useWide';
import { saveFile } from '../../ui/ImportPreview/saveFile';
import { Motions } from '../../ui/motions/Motions';
import { Empty, Notice, NotRead } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { dayWords } from '../../ui/words/days';
import { TimeAxis } from './axis/TimeAxis';
import { BeforeAfter } from './BeforeAfter';
import { BodyWith } from './BodyWith';
import { HomeWork } from './HomeWork';
import { KeptOrBack } from './KeptOrBack';
import { Reaches } from './Reaches';
import { SendReport } from './SendReport';
import { VelocityFigures } from './VelocityFigures';
import { noVerdictWords, simulatedNote, velocityVerdict, verdictWords } from './verdict';
import { WhatMoved } from './WhatMoved';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

type Page = PageOf<'prove'>;

const sections = ['time', 'delivery', 'work', 'send'] as const;
/** Sent from another section, the report is made as this one opens. */
type Section = (typeof sections)[number] | 'send now';
const sectionNames: Readonly<Record<(typeof sections)[number], string>> = {
  time: texts.time,
  delivery: texts.delivery,
  work: texts.practice,
  send: texts.send,
};

/** What stands beside the velocity while it is being read, or where it cannot be. */
const noCourse: Course = {
  stages: [],
  ladders: [],
  screens: [],
  sizes: [],
  injuries: [],
  pains: [],
  camps: [],
  breaks: [],
  throwWeeks: [],
  homeWeeks: [],
  transfer: [],
  target: null,
};

/** Did it help? Velocity against noise, the delivery then and now, what stayed, and what is learned. */
export function Prove() {
  const { page, error, again } = useAthlete('prove');
  const { page: beside } = useAthlete('course');
  if (!page) return <NotRead error={error} again={again} />;
  return <Proven key={page.athlete.id} page={page} course={beside?.course ?? noCourse} />;
}

/** Two looks that are set against each other: as chosen, else the one that the plan came from and the newest. */
function useTwoLooks({ looks: all, trace }: Page) {
  const looks = useMemo(() => all.filter(({ finished }) => finished), [all]);
  const [first, setFirst] = useState<string | null>(null);
  const [second, setSecond] = useState<string | null>(null);
  const after = looks.find(({ id }) => id === second) ?? looks.at(-1) ?? null;
  const earlier = after ? looks.slice(0, looks.indexOf(after)) : [];
  const before =
    earlier.find(({ id }) => id === first) ??
    earlier.find(({ id }) => id === trace?.lookId) ??
    earlier[0] ??
    null;
  return { looks, before, after, onBefore: setFirst, onAfter: setSecond };
}

function Proven({ page, course }: { page: Page; course: Course }) {
  const { person } = useMe();
  const today = useToday();
  const wide = useWide();
  const [section, setSection] = useState<Section>('time');
  const { velocities, athlete } = page;
  const unit = person.velocityUnit;
  const two = useTwoLooks(page);
  const { looks } = two;
  const sessions = useMemo(() => comparableSessions(velocities), [velocities]);
  const history = useMemo(
    () =>
      historyOf(
        looks,
        nodesFor(athlete.discipline).map((each) => each.id),
      ),
    [looks, athlete.discipline],
  );
  const entries = useMemo(() => {
    const moved = movedBetween(history.timeline, 'changed most');
    const input: TimelineInput = { ...course, sessions, looks, moved };
    return timelineOf(input, { velocity: unit, size: person.sizeUnit });
  }, [course, sessions, looks, history, unit, person.sizeUnit]);
  // A height by itself, or an old injury, proves nothing.
  const nothing = entries.every(({ lane }) => lane === 'size' || lane === 'away');
  if (!looks.length && !velocities.length && nothing)
    return (
      <Pane>
        <Empty
          action={
            <Button mode="contained" onPress={() => router.replace(`/athletes/${athlete.id}/look`)}>
              {texts.takeALook}
            </Button>
          }
        >
          {texts.nothingToProveYet}
        </Empty>
        <Motions athlete={athlete} />
      </Pane>
    );
  const saveTable = () =>
    saveFile(
      new Blob([writeTimeline(entries, history.timeline)], { type: 'text/csv' }),
      `${athlete.givenName.toLowerCase()}-progress-${today}.csv`,
    );
  const send = (now: boolean) => (
    <SendReport athlete={athlete} before={two.before} after={two.after} now={now} onTable={saveTable} />
  );
  const parts: Record<Section, ReactNode> = {
    time: (
      <>
        <VelocityCard velocities={velocities} onSend={() => setSection('send now')} />
        <TimeAxis
          athleteId={athlete.id}
          entries={entries}
          sessions={sessions}
          target={course.target}
          unit={unit}
        />
      </>
    ),
    delivery: (
      <>
        <BeforeAfter athlete={athlete} {...two} />
        {looks.length ? (
          <WhatMoved timeline={history.timeline} from={looks[0]!.date} to={looks.at(-1)!.date} />
        ) : null}
        <Motions athlete={athlete} />
      </>
    ),
    work: (
      <>
        <Reaches transfer={course.transfer} />
        <Learned page={page} />
        <HomeWork weeks={course.homeWeeks} />
        <BodyWith
          course={course}
          linkEdits={page.linkEdits}
          timeline={history.timeline}
          sessions={sessions}
          unit={unit}
          sizeUnit={person.sizeUnit}
          note={page.academy.growthNote}
        />
      </>
    ),
    send: send(false),
    'send now': send(true),
  };
  return (
    <Pane maxWidth={wide ? 1100 : 760} key={section}>
      <Choices<Section>
        label={texts.whatIsShown}
        value={section === 'send now' ? 'send' : section}
        onChange={setSection}
        options={sections.map((value) => ({ value, text: sectionNames[value] }))}
      />
      {section === 'time' || section === 'delivery' ? (
        <KeptOrBack
          page={page}
          breaks={course.breaks}
          ladders={course.ladders}
          {...history}
          short={section === 'time'}
        />
      ) : null}
      {parts[section]}
    </Pane>
  );
}

/** What the velocity did, held against the smallest real change. */
function VelocityCard({ velocities, onSend }: Pick<Page, 'velocities'> & { onSend: () => void }) {
  const today = useToday();
  const { person } = useMe();
  const unit = person.velocityUnit;
  const verdict = velocityVerdict(velocities, unit);
  const last = velocities.at(-1);
  const pretend = simulatedNote(comparableSessions(velocities));
  return (
    <Card>
      <Heading>{texts.velocity}</Heading>
      {verdict ? (
        <>
          <Text variant="headlineMedium">
            {`${verdict.before.toFixed(1)} → ${verdict.after.toFixed(1)} ${unit}`}
          </Text>
          <Text variant="bodyLarge">{verdictWords(verdict, unit)}</Text>
          <Text variant="bodySmall">
            {texts.usualOfAgainstUsual(
              dayWords(verdict.from, today),
              dayWords(verdict.to, today),
              verdict.compared,
            )}
          </Text>
        </>
      ) : (
        <Text>{noVerdictWords(velocities)}</Text>
      )}
      {pretend ? <Notice>{pretend}</Notice> : null}
      {last ? <VelocityFigures figures={last} unit={unit} when={dayWords(last.date, today)} /> : null}
      <Button mode="outlined" icon="share-variant" style={styles.start} onPress={onSend}>
        {texts.sendToTheFamily}
      </Button>
    </Card>
  );
}

/** What the gates of the drills say that were worked. */
function Learned({ page: { plan, sessions } }: { page: Page }) {
  const book = useBook();
  const worked = (plan?.threads ?? [])
    .flatMap(({ stages }) => stages.flatMap(({ drills }) => drills))
    .filter(({ gate }) => gate.n > 0);
  const learned = [...new Map(worked.map((drill) => [drill.drill, drill])).values()];
  if (learned.length === 0) return null;
  return (
    <Card>
      <Heading>{texts.lockedIn}</Heading>
      {learned.map(({ drill, gate, recent }) => (
        <Text key={drill}>
          <Text variant="labelLarge">{book.drill(drill)?.name ?? drill}</Text>
          {`  ${gateWords(gate, recent.at(-1)?.pain ?? false)}`}
        </Text>
      ))}
      <Text variant="bodySmall">{texts.countedOverTheLast(sessions.length)}</Text>
    </Card>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
