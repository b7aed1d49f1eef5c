import { type LookPage, type FindingDetail, type LookRecord } from '@wrightonic/contract';
import {
  isLook,
  withCarried,
  type Carried,
  type Offer,
  type Phase,
  type Severity,
  detailOfOffer,
} from '@wrightonic/core';
import { useCallback, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { Choices } from '../../ui/form/Choices';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { useWhom } from '../../ui/hooks/useWhom';
import { LookTold } from './LookTold';
import { Seam } from '../../ui/seam/Seam';
import { Checkpoint } from '../../ui/checkpoint/Checkpoint';
import { lookSteps, type LookPoint, type LookStep } from '../../ui/checkpoint/steps';

interface Props {
  athlete: LookPage['athlete'];
  look: LookRecord;
  /** Grades of earlier looks that count until the checkpoint is looked at again. */
  carried: readonly Carried[];
  offers: readonly Offer[];
  start: LookStep['key'] | null;
  /** Of a short look: what it is made of. */
  only?: readonly string[] | undefined;
  onFinished: () => void;
}

const isPhase = (key: LookStep['key']): key is Phase => key !== 'body' && key !== 'ball';

interface FootProps {
  /** Checkpoints of the phase that nobody graded; null where there are none. */
  rest: { all: boolean; onRest: () => void } | null;
  next: { name: string; onNext: () => void } | null;
  onFinish: (() => void) | null;
  mayFinish: boolean;
}

/** What comes next in a look: the rest is clean, the next phase, or the end. */
function LookFoot({ rest, next, onFinish, mayFinish }: FootProps) {
  const big = { mode: 'contained', style: styles.grow, contentStyle: styles.tall } as const;
  return (
    <ActionBar>
      <View style={styles.foot}>
        {rest ? (
          <Button {...big} onPress={rest.onRest}>
            {rest.all ? 'All of this phase is clean' : 'The rest of this phase is clean'}
          </Button>
        ) : next ? (
          <Button {...big} onPress={next.onNext}>
            {`Next: ${next.name}`}
          </Button>
        ) : null}
        {onFinish ? (
          <Button {...big} onPress={onFinish} disabled={!mayFinish}>
            Finish the look
          </Button>
        ) : null}
      </View>
    </ActionBar>
  );
}

/** Grades that what was measured offers to this look. */
const Offered = ({ n, where, onTake }: { n: number; where: readonly string[]; onTake: () => void }) => (
  <Notice icon="tray-arrow-down">
    <Text>
      {`${n} ${n === 1 ? 'grade is' : 'grades are'} offered by what was measured: ${where.join(', ')}.`}
    </Text>
    <Button mode="contained" onPress={onTake} style={styles.start}>
      {n === 1 ? 'Take it into this look' : 'Take all into this look'}
    </Button>
  </Notice>
);

type Beside = 'body' | 'ball';

/** What is no part of the delivery itself. */
const AlsoCheck = ({ chosen, onChoose }: { chosen: Beside | null; onChoose: (chosen: Beside) => void }) => (
  <Choices<Beside | null>
    label="Also check"
    shown
    value={chosen}
    onChange={(to) => (to ? onChoose(to) : undefined)}
    options={[
      { value: 'body', text: 'What the body allows' },
      { value: 'ball', text: 'Where the ball goes' },
    ]}
  />
);

/** @param alone something was graded, and nothing of the delivery */
const LookNotes = ({ alone }: { alone: boolean }) => (
  <>
    {alone ? (
      <Text variant="bodySmall">
        What the body allows and where the ball goes are no look by themselves. Grade the delivery too.
      </Text>
    ) : null}
    <Text variant="bodySmall">Every tap is kept at once. You can leave and go on later.</Text>
  </>
);

export function OpenLook({ athlete, look, carried, offers, start, only, onFinished }: Props) {
  const dispatch = useAppDispatch();
  const { id: athleteId, discipline } = athlete;
  const whom = useWhom(athlete);
  const { findings, kind } = look;
  const full = kind === 'full';
  const steps = useMemo(() => lookSteps(kind, findings, whom, only), [kind, findings, whom, only]);
  const waiting = useMemo(
    () => offers.filter(({ node, severity }) => findings[node] !== severity),
    [offers, findings],
  );
  const untouched = steps.find(({ key, first }) => isPhase(key) && first.some(({ id }) => !(id in findings)));
  const [key, setKey] = useState<LookStep['key']>(() => start ?? untouched?.key ?? steps[0]!.key);
  const [wider, setWider] = useState<LookStep['key'] | null>(null);
  const at = steps.findIndex((step) => step.key === key);
  const step = steps[at]!;
  const nextPhase = steps.slice(at + 1).find((each) => isPhase(each.key));
  const open = step.first.filter(({ id }) => !(id in findings));
  const graded = Object.keys(findings).length;
  const seen = isLook(findings);

  const grade = useCallback(
    (node: string, severity: Severity | null, detail: FindingDetail = {}) => {
      dispatch(log(athleteId, 'finding', { lookId: look.id, node, severity, ...detail }));
    },
    [dispatch, athleteId, look.id],
  );
  const finish = () => {
    dispatch(log(athleteId, 'look-finished', { lookId: look.id }));
    onFinished();
  };
  const rest = () => {
    for (const { id } of open) grade(id, 0);
    if (nextPhase) setKey(nextPhase.key);
  };
  const takeAll = () => {
    for (const offer of waiting) grade(offer.node, offer.severity, detailOfOffer(offer));
  };
  const point = (each: LookPoint) => (
    <Checkpoint
      key={each.id}
      point={each}
      grade={findings[each.id] ?? null}
      detail={look.details[each.id]}
      carried={carried.find(({ id }) => id === each.id)}
      offer={waiting.find(({ node }) => node === each.id)}
      hand={athlete.throws}
      full={full}
      onGrade={grade}
    />
  );
  const offered = (step: LookStep) =>
    waiting.filter(({ node }) => step.first.concat(step.more).some(({ id }) => id === node));
  const last = !nextPhase;
  return (
    // Each step begins at its top.
    <Pane
      key={key}
      foot={
        <LookFoot
          rest={
            open.length > 0 && isPhase(key) ? { all: open.length === step.first.length, onRest: rest } : null
          }
          next={nextPhase ? { name: nextPhase.name, onNext: () => setKey(nextPhase.key) } : null}
          onFinish={last && (open.length === 0 || !isPhase(key)) ? finish : null}
          mayFinish={seen}
        />
      }
    >
      <Seam
        discipline={discipline}
        findings={withCarried(findings, carried)}
        faint={carried}
        size="large"
        label={full ? 'Full look under way' : 'Look under way'}
        phase={isPhase(key) ? key : null}
        onPhase={(phase) => (steps.some((each) => each.key === phase) ? setKey(phase) : undefined)}
      />
      <View style={styles.head}>
        <View style={styles.grow}>
          <Heading>{step.name}</Heading>
        </View>
        <Text variant="bodySmall" role="status">{`${graded} looked at`}</Text>
      </View>
      <LookTold athleteId={athleteId} look={look} />
      {waiting.length ? (
        <Offered
          n={waiting.length}
          where={steps.flatMap((each) =>
            offered(each).length ? [`${each.name} ${offered(each).length}`] : [],
          )}
          onTake={takeAll}
        />
      ) : null}
      {step.first.map(point)}
      {wider === key || offered(step).length ? step.more.map(point) : null}
      {wider !== key && offered(step).length === 0 && step.more.length > 0 ? (
        <Button mode="text" onPress={() => setWider(key)}>
          {`${step.more.length} more to look at here`}
        </Button>
      ) : null}
      {only ? null : (
        <AlsoCheck
          chosen={isPhase(key) ? null : key}
          onChoose={(chosen) => {
            setKey(chosen);
            setWider(chosen);
          }}
        />
      )}
      {!last || (open.length > 0 && isPhase(key)) ? (
        <Button mode="text" disabled={!seen} onPress={finish}>
          Finish here; the rest stays not looked at
        </Button>
      ) : null}
      <LookNotes alone={graded > 0 && !seen} />
    </Pane>
  );
}

const styles = StyleSheet.create({
  foot: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
  tall: { minHeight: 48 },
  head: { flexDirection: 'row', alignItems: 'flex-end', gap: 8 },
});
