import type { AthletePage, PlanRecord } from '@wrightonic/contract';
import { drillOf, drillThrows, planAgainstLimits } from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../store/api';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card';
import { Picks } from '../../ui/Choices';
import { dayWords, weekday } from '../../ui/days';
import { Notice, Trouble } from '../../ui/Notice';
import { Heading } from '../../ui/Screen';
import { allDrills, throwsOf, usualDays, usualDrills, weekFrom } from './week';

/** Gives the athlete the coming week: which days, which drills, how many throws that makes. */
export function Assign({ page, plan }: { page: AthletePage; plan: PlanRecord }) {
  const { athlete } = page;
  const today = useToday();
  const current = plan.assignment?.days.some((day) => day >= today) ? plan.assignment : null;
  const [open, setOpen] = useState(current === null);
  const [more, setMore] = useState(false);
  const [days, setDays] = useState(() => usualDays(today));
  const [drills, setDrills] = useState(() => usualDrills(plan));
  const [reason, setReason] = useState('');
  const [id] = useState(() => v7());
  const [assign, { isLoading, error }] = api.useAssignMutation();

  const all = allDrills(plan.threads);
  const chosen = all.filter((drill) => drills.includes(drill.id));
  const throws = throwsOf(chosen.map(({ drill }) => drill));
  const problems = planAgainstLimits(
    { ...athlete, throws: page.thrownLately },
    drillThrows(
      chosen.map(({ drill }) => drill),
      days,
    ),
  );
  const over = problems.some(({ kind }) => kind === 'limit');

  if (!open && current)
    return (
      <Card>
        <Heading>Assigned</Heading>
        <Text>{`${current.days.map((day) => `${weekday(day)} ${dayWords(day, today)}`).join(', ')}: ${current.drills.length} drills a day.`}</Text>
        <View style={styles.row}>
          <Button mode="contained" onPress={() => router.replace(`/athletes/${athlete.id}/work` as Href)}>
            Go to Work
          </Button>
          <Button mode="text" onPress={() => setOpen(true)}>
            Assign anew
          </Button>
        </View>
      </Card>
    );
  const offered = all.filter(
    (drill) => more || drill.now || drill.stage === 'prep' || drills.includes(drill.id),
  );
  return (
    <Card>
      <Heading>The coming week</Heading>
      <Picks
        label="Days"
        options={weekFrom(today).map((day) => ({ value: day, text: weekday(day) }))}
        value={days}
        onChange={(picked) => setDays([...picked].sort())}
      />
      <Picks
        label="Drills"
        options={offered.map(({ id: drillId, drill }) => ({
          value: drillId,
          text: drillOf(drill)?.name ?? drill,
        }))}
        value={drills}
        onChange={setDrills}
      />
      {more ? null : (
        <Button mode="text" onPress={() => setMore(true)} style={styles.start}>
          Drills of other stages
        </Button>
      )}
      <Text>
        {throws
          ? `${throws} throws a day of at most ${page.limits.maxToday} at age ${athlete.age}. Local rules win where they are stricter.`
          : 'No throws in these drills.'}
      </Text>
      {problems.map(({ date, kind, message }) => (
        <Notice key={`${date} ${kind}`}>
          {kind === 'limit'
            ? `${weekday(date)} ${dayWords(date, today)}: ${message}. Take drills or days out, or say why.`
            : message}
        </Notice>
      ))}
      {over ? (
        <>
          <TextInput
            mode="outlined"
            label="Why more throws than the limits allow?"
            aria-label="Why more throws than the limits allow?"
            value={reason}
            onChangeText={setReason}
            maxLength={300}
          />
        </>
      ) : null}
      {error ? <Trouble error={error} /> : null}
      <Button
        mode="contained"
        loading={isLoading}
        contentStyle={{ minHeight: 48 }}
        disabled={days.length === 0 || drills.length === 0 || (over && !reason.trim())}
        onPress={() =>
          void assign({
            athleteId: athlete.id,
            planId: plan.id,
            body: { id, from: today, days, drills, reason },
          })
        }
      >
        Assign the week
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
