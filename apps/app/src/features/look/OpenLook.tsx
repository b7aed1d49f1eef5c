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
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { Choices } from '../../ui/form/Choices';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { useWhom } from '../../ui/hooks/useWhom';
import { useWide } from '../../ui/hooks/useWide';
import { useWholeWidth } from '../../ui/Screen/wholeWidth';
import { LookTold } from './LookTold';
import { PhaseColumns, showColumn } from './PhaseColumns';
import { Seam } from '../../ui/seam/Seam';
import { Checkpoint } from '../../ui/checkpoint/Checkpoint';
import { lookSteps, type LookPoint, type LookStep } from '../../ui/checkpoint/steps';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

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
  rest: { all: boolean; n: number; onRest: () => void } | null;
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
            {rest.all ? texts.allAreClean3(rest.n) : texts.theOtherAreClean3(rest.n)}
          </Button>
        ) : next ? (
          <Button {...big} onPress={next.onNext}>
            {texts.next(next.name)}
          </Button>
        ) : null}
        {onFinish ? (
          <Button {...big} onPress={onFinish} disabled={!mayFinish}>
            {texts.finishTheLook}
          </Button>
        ) : null}
      </View>
    </ActionBar>
  );
}

/** Grades that what was measured offers to this look. */
const Offered = ({ n, where, onTake }: { n: number; where: readonly string[]; onTake: () => void }) => (
  <Notice icon="tray-arrow-down">
    <Text>{texts.gradeIsMeasured(n, where.join(', '))}</Text>
    <Button mode="contained" onPress={onTake} style={styles.start}>
      {n === 1 ? texts.applyIt : texts.applyAll}
    </Button>
  </Notice>
);

type Beside = 'body' | 'ball';

/** What is no part of the delivery itself. */
const AlsoCheck = ({ chosen, onChoose }: { chosen: Beside | null; onChoose: (chosen: Beside) => void }) => (
  <Choices<Beside | null>
    label={texts.alsoCheck}
    shown
    value={chosen}
    onChange={(to) => (to ? onChoose(to) : undefined)}
    options={[
      { value: 'body', text: texts.whatTheBodyAllows },
      { value: 'ball', text: texts.whereTheBallGoes2 },
    ]}
  />
);

/** @param alone something was graded, and nothing of the delivery */
const LookNotes = ({ alone }: { alone: boolean }) => (
  <>
    {alone ? <Text variant="bodySmall">{texts.bodyAndBallAlone}</Text> : null}
    <Text variant="bodySmall">{texts.everyTapIsSaved}</Text>
  </>
);

/** A look that is under way: its steps, what was graded, what was measured for it, and what can be done. */
function useLookUnderWay({ athlete, look, carried, offers, only, onFinished }: Props) {
  const dispatch = useAppDispatch();
  const athleteId = athlete.id;
  const whom = useWhom(athlete);
  const { findings, kind } = look;
  const full = kind === 'full';
  const steps = useMemo(() => lookSteps(kind, findings, whom, only), [kind, findings, whom, only]);
  const waiting = useMemo(
    () => offers.filter(({ node, severity }) => findings[node] !== severity),
    [offers, findings],
  );
  const grade = useCallback(
    (node: string, severity: Severity | null, detail: FindingDetail = {}) => {
      dispatch(log(athleteId, 'finding', { lookId: look.id, node, severity, ...detail }));
    },
    [dispatch, athleteId, look.id],
  );
  const offered = (step: LookStep) =>
    waiting.filter(({ node }) => step.first.concat(step.more).some(({ id }) => id === node));
  return {
    findings,
    full,
    steps,
    grade,
    offered,
    graded: Object.keys(findings).length,
    seen: isLook(findings),
    finish: () => {
      dispatch(log(athleteId, 'look-finished', { lookId: look.id }));
      onFinished();
    },
    point: (each: LookPoint) => (
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
    ),
    offer: waiting.length ? (
      <Offered
        n={waiting.length}
        where={steps.flatMap((each) =>
          offered(each).length ? [`${each.name} ${offered(each).length}`] : [],
        )}
        onTake={() => {
          for (const { node, severity, ...rest } of waiting)
            grade(node, severity, detailOfOffer({ node, severity, ...rest }));
        }}
      />
    ) : null,
  };
}

/** A look under way: all phases side by side where there is room, else one after the other. */
export function OpenLook(props: Props) {
  const wide = useWide();
  useWholeWidth(wide);
  return wide ? <WideLook {...props} /> : <PhaseByPhase {...props} />;
}

/** The look over the whole width; what is finished is whatever was graded. */
function WideLook(props: Props) {
  const { athlete, look, carried } = props;
  const { findings, steps, grade, point, offer, graded, seen, full, finish } = useLookUnderWay(props);
  return (
    <View style={styles.wide}>
      <View style={styles.wideHead}>
        <Seam
          discipline={athlete.discipline}
          findings={withCarried(findings, carried)}
          faint={carried}
          size="row"
          label={full ? texts.fullLookUnderWay : texts.lookUnderWay}
          onPhase={showColumn}
        />
        {offer}
        <View style={styles.head}>
          <View style={styles.grow}>
            <LookTold athleteId={athlete.id} look={look} />
          </View>
          <Text variant="bodySmall" role="status">
            {texts.lookedAt(graded)}
          </Text>
        </View>
      </View>
      <PhaseColumns steps={steps} findings={findings} point={point} onGrade={grade} />
      <ActionBar>
        <View style={styles.foot}>
          <Text variant="bodySmall" style={styles.grow}>
            {texts.arrowKeysMove}
          </Text>
          <Button mode="contained" disabled={!seen} onPress={finish} contentStyle={styles.tall}>
            {texts.finishTheLook}
          </Button>
        </View>
      </ActionBar>
    </View>
  );
}

/** One phase after the other, as on a phone. */
function PhaseByPhase(props: Props) {
  const { athlete, look, carried, start, only } = props;
  const { findings, steps, grade, point, offer, offered, graded, seen, full, finish } =
    useLookUnderWay(props);
  const untouched = steps.find(({ key, first }) => isPhase(key) && first.some(({ id }) => !(id in findings)));
  const [key, setKey] = useState<LookStep['key']>(() => start ?? untouched?.key ?? steps[0]!.key);
  const [wider, setWider] = useState<LookStep['key'] | null>(null);
  const at = steps.findIndex((step) => step.key === key);
  const step = steps[at]!;
  const nextPhase = steps.slice(at + 1).find((each) => isPhase(each.key));
  const open = step.first.filter(({ id }) => !(id in findings));
  const rest = () => {
    for (const { id } of open) grade(id, 0);
    if (nextPhase) setKey(nextPhase.key);
  };
  const last = !nextPhase;
  return (
    // Each step begins at its top.
    <Pane
      key={key}
      foot={
        <LookFoot
          rest={
            open.length > 0 && isPhase(key)
              ? { all: open.length === step.first.length, n: open.length, onRest: rest }
              : null
          }
          next={nextPhase ? { name: nextPhase.name, onNext: () => setKey(nextPhase.key) } : null}
          onFinish={last && (open.length === 0 || !isPhase(key)) ? finish : null}
          mayFinish={seen}
        />
      }
    >
      <Seam
        discipline={athlete.discipline}
        findings={withCarried(findings, carried)}
        faint={carried}
        size="large"
        label={full ? texts.fullLookUnderWay : texts.lookUnderWay}
        phase={isPhase(key) ? key : null}
        onPhase={(phase) => (steps.some((each) => each.key === phase) ? setKey(phase) : undefined)}
      />
      <View style={styles.head}>
        <View style={styles.grow}>
          <Heading>{step.name}</Heading>
        </View>
        <Text variant="bodySmall" role="status">
          {texts.lookedAt(graded)}
        </Text>
      </View>
      <LookTold athleteId={athlete.id} look={look} />
      {offer}
      {step.first.map(point)}
      {wider === key || offered(step).length ? step.more.map(point) : null}
      {wider !== key && offered(step).length === 0 && step.more.length > 0 ? (
        <Button mode="text" onPress={() => setWider(key)}>
          {texts.showMoreHere(step.more.length)}
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
          {texts.finishNowTheRest}
        </Button>
      ) : null}
      <LookNotes alone={graded > 0 && !seen} />
    </Pane>
  );
}

const styles = StyleSheet.create({
  wide: { flex: 1, minHeight: 0, gap: 8 },
  wideHead: { paddingHorizontal: 16, paddingTop: 8, gap: 6 },
  foot: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
  tall: { minHeight: 48 },
  head: { flexDirection: 'row', alignItems: 'flex-end', gap: 8 },
});
