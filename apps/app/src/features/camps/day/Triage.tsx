import type { CampMemberRecord, CampRecord } from '@wrightonic/contract';
import { fastestThrow, triagePoints, usualBall, velocityFrom, type Severity } from '@wrightonic/core';
import { nodeName, nodeOf } from '@wrightonic/core/checkpoints';
import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { ActionBar } from '../../../ui/ActionBar/ActionBar';
import { Checkpoint } from '../../../ui/checkpoint/Checkpoint';
import { FigureField } from '../../../ui/form/FigureField';
import { figureIn } from '../../../ui/form/typedFigure';
import { Notice } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { TitleRow } from '../../../ui/Screen/Screen';
import { campLog } from './campLog';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  camp: CampRecord;
  member: CampMemberRecord;
  date: string;
  onClose: () => void;
}

const seeOf = (id: string): string => {
  const node = nodeOf(id);
  return node && 'see' in node ? node.see : '';
};

/** Eight checkpoints and a velocity: what somebody needs, seen while they throw a few balls. */
export function Triage({ camp, member, date, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { person, academy } = useMe();
  const [grades, setGrades] = useState<Record<string, Severity>>({});
  const [velocity, setVelocity] = useState('');
  const look = useRef<string | null>(null);
  const points = triagePoints(member.discipline, camp.setup.stations);
  const { id: athleteId, throws } = member;
  const grade = (node: string, severity: Severity | null) => {
    look.current ??= dispatch(
      log(athleteId, 'look-begun', { athleteId, look: 'quick', zone: academy.zone, place: camp.setup.name }),
    );
    dispatch(log(athleteId, 'finding', { lookId: look.current, node, severity }));
    setGrades(({ [node]: _, ...rest }) => (severity === null ? rest : { ...rest, [node]: severity }));
  };
  const open = points.filter((id) => !(id in grades));
  const value = figureIn(velocity);
  const typed = velocity.trim() !== '';
  const metres = velocityFrom(value, person.velocityUnit);
  const wrong = typed && !(metres >= 2 && metres <= fastestThrow);
  const finish = () => {
    for (const id of open) grade(id, 0);
    dispatch(log(athleteId, 'look-finished', { lookId: look.current! }));
    if (typed && !member.lock)
      dispatch(
        campLog({ campId: camp.id, date, zone: academy.zone }, athleteId, 'throw', {
          drill: null,
          velocity: metres,
          effort: 90,
          pitch: 'fastball',
          ballG: usualBall[member.discipline],
        }),
      );
    onClose();
  };
  return (
    <Pane
      foot={
        <ActionBar>
          <View style={styles.row}>
            <FigureField
              label={texts.velocity(person.velocityUnit)}
              value={velocity}
              onChange={setVelocity}
              wrong={wrong ? texts.thatIsNot : undefined}
            />
            <Button
              mode="contained"
              disabled={Boolean(wrong)}
              contentStyle={styles.tall}
              style={styles.grow}
              onPress={finish}
            >
              {open.length === 0
                ? texts.done
                : open.length === points.length
                  ? texts.allClean
                  : texts.theRestIsClean}
            </Button>
          </View>
        </ActionBar>
      }
    >
      <TitleRow
        title={texts.triage(member.givenName)}
        back={null}
        action={<Button onPress={onClose}>{texts.back}</Button>}
      />
      <Text variant="bodySmall">{texts.ofLookedAtEvery(points.length - open.length, points.length)}</Text>
      {member.lock ? <Notice alert>{texts.throwsAreLockedNo}</Notice> : null}
      {points.map((id) => (
        <Checkpoint
          key={id}
          point={{ id, name: nodeName(id), see: seeOf(id), measure: null, unit: null }}
          grade={grades[id] ?? null}
          detail={undefined}
          offer={undefined}
          hand={throws}
          full={false}
          onGrade={grade}
        />
      ))}
    </Pane>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  grow: { flex: 1 },
  tall: { minHeight: 52 },
});
