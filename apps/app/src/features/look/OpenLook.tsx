import type { LookRecord } from '@wrightonic/contract';
import type { Discipline, Phase, Severity } from '@wrightonic/core';
import { useCallback, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { Choices } from '../../ui/Choices';
import { Foot } from '../../ui/Foot';
import { Pane } from '../../ui/Pane';
import { Heading } from '../../ui/Screen';
import { Seam } from '../../ui/seam/Seam';
import { Checkpoint } from './Checkpoint';
import { lookSteps, type LookStep } from './steps';

interface Props {
  athleteId: string;
  discipline: Discipline;
  look: LookRecord;
  start: LookStep['key'] | null;
  onFinished: () => void;
}

const isPhase = (key: LookStep['key']): key is Phase => key !== 'body' && key !== 'ball';

export function OpenLook({ athleteId, discipline, look, start, onFinished }: Props) {
  const dispatch = useAppDispatch();
  const { findings } = look;
  const steps = useMemo(() => lookSteps(discipline, findings), [discipline, findings]);
  const untouched = steps.find(({ key, first }) => isPhase(key) && first.some(({ id }) => !(id in findings)));
  const [key, setKey] = useState<LookStep['key']>(() => start ?? untouched?.key ?? steps[0]!.key);
  const [wider, setWider] = useState<LookStep['key'] | null>(null);
  const at = steps.findIndex((step) => step.key === key);
  const step = steps[at]!;
  const nextPhase = steps.slice(at + 1).find((each) => isPhase(each.key));
  const open = step.first.filter(({ id }) => !(id in findings));
  const graded = Object.keys(findings).length;

  const grade = useCallback(
    (node: string, severity: Severity | null) => {
      dispatch(log(athleteId, 'finding', { lookId: look.id, node, severity }));
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
  const last = !nextPhase;
  return (
    <Pane
      foot={
        <Foot>
          <View style={styles.foot}>
            {open.length > 0 ? (
              <Button mode="contained" onPress={rest} style={styles.grow} contentStyle={styles.tall}>
                {open.length === step.first.length
                  ? 'All of this phase is clean'
                  : 'The rest of this phase is clean'}
              </Button>
            ) : nextPhase ? (
              <Button
                mode="contained"
                onPress={() => setKey(nextPhase.key)}
                style={styles.grow}
                contentStyle={styles.tall}
              >
                {`Next: ${nextPhase.name}`}
              </Button>
            ) : null}
            {last && open.length === 0 ? (
              <Button
                mode="contained"
                onPress={finish}
                disabled={graded === 0}
                style={styles.grow}
                contentStyle={styles.tall}
              >
                Finish the look
              </Button>
            ) : null}
          </View>
        </Foot>
      }
    >
      <Seam
        discipline={discipline}
        findings={findings}
        size="large"
        label="Look under way"
        phase={isPhase(key) ? key : null}
        onPhase={setKey}
      />
      <View style={styles.head}>
        <View style={styles.grow}>
          <Heading>{step.name}</Heading>
        </View>
        <Text variant="bodySmall" role="status">{`${graded} looked at`}</Text>
      </View>
      {step.first.map(({ id, name, see }) => (
        <Checkpoint key={id} id={id} name={name} see={see} grade={findings[id] ?? null} onGrade={grade} />
      ))}
      {wider === key
        ? step.more.map(({ id, name, see }) => (
            <Checkpoint key={id} id={id} name={name} see={see} grade={null} onGrade={grade} />
          ))
        : null}
      {wider !== key && step.more.length > 0 ? (
        <Button mode="text" onPress={() => setWider(key)}>
          {`${step.more.length} more to look at here`}
        </Button>
      ) : null}
      <Choices
        label="Beside the phases"
        shown
        value={isPhase(key) ? null : key}
        onChange={(chosen) => {
          if (!chosen) return;
          setKey(chosen);
          setWider(chosen);
        }}
        options={[
          { value: 'body', text: 'What the body allows' },
          { value: 'ball', text: 'Where the ball goes' },
        ]}
      />
      {!last || open.length > 0 ? (
        <Button mode="text" disabled={graded === 0} onPress={finish}>
          Finish here; the rest stays not looked at
        </Button>
      ) : null}
      <Text variant="bodySmall">Every tap is kept at once. You can leave and go on later.</Text>
    </Pane>
  );
}

const styles = StyleSheet.create({
  foot: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1 },
  tall: { minHeight: 48 },
  head: { flexDirection: 'row', alignItems: 'flex-end', gap: 8 },
});
