import type { RosterMove } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { threadNames } from '../../ui/words/threadWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const directions = [
  { direction: 'up', title: texts.readyToMoveUp, all: texts.moveAllOfThem },
  { direction: 'back', title: texts.tooHardForNow, all: texts.stepAllOfThem },
] as const;

/** What the gates propose over the whole roster, to be taken one by one or all at once. */
export function Moves() {
  const { data, error, refetch } = lazyEndpoints.useStageProposalsQuery();
  const [take, taking] = lazyEndpoints.useTakeMovesMutation();
  const accept = (moves: readonly RosterMove[]) =>
    void take({
      moves: moves.map(({ planId, thread, to }) => ({ id: v7(), planId, thread, to, reason: '' })),
    });
  return (
    <Screen
      title={texts.stageChanges}
      back={{ label: texts.back, to: '/roster' }}
      foot={
        taking.error ? (
          <ActionBar>
            <ErrorNotice error={taking.error} />
          </ActionBar>
        ) : null
      }
    >
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.checkingTheWholeRoster} /> : null}
      {data?.length === 0 ? <Empty>{texts.nobodyIsReady}</Empty> : null}
      {directions.map(({ direction, title, all }) => {
        const moves = (data ?? []).filter((move) => move.direction === direction);
        return moves.length ? (
          <View key={direction} style={styles.group}>
            <View style={styles.row}>
              <View style={styles.grow}>
                <Heading>{`${title} (${moves.length})`}</Heading>
              </View>
              {moves.length > 1 ? (
                <Button mode="contained" loading={taking.isLoading} onPress={() => accept(moves)}>
                  {all}
                </Button>
              ) : null}
            </View>
            {moves.map((move) => (
              <Move
                key={`${move.planId} ${move.thread}`}
                move={move}
                busy={taking.isLoading}
                onAccept={accept}
              />
            ))}
          </View>
        ) : null;
      })}
    </Screen>
  );
}

interface MoveProps {
  move: RosterMove;
  busy: boolean;
  onAccept: (moves: readonly RosterMove[]) => void;
}

function Move({ move, busy, onAccept }: MoveProps) {
  const own = useColours();
  const { name, thread, focus, from, to, why, athleteId, direction } = move;
  return (
    <Card edge={thread === 'lower' ? own.grass : own.clay}>
      <Text variant="titleMedium">{name}</Text>
      <Text>{texts.to(threadNames[thread], nodeName(focus).toLowerCase(), from, to)}</Text>
      {why.map((words) => (
        <Text key={words} variant="bodySmall">
          {words}
        </Text>
      ))}
      <View style={styles.row}>
        <Button
          mode="contained-tonal"
          disabled={busy}
          accessibilityLabel={texts.moveUpTo(direction, name, to)}
          onPress={() => onAccept([move])}
        >
          {direction === 'up' ? texts.moveUpTo2(to) : texts.stepBackTo(to)}
        </Button>
        <Button mode="text" onPress={() => router.navigate(`/athletes/${athleteId}/build`)}>
          {texts.openThePlan}
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 180 },
});
