import type { AthletePage, LookRecord } from '@wrightonic/contract';
import { bodyWords, listed, nodeName, trace, type Focus } from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../store/api';
import { useToday } from '../../store/useAthlete';
import { agoWords, dayWords } from '../../ui/days';
import { Foot } from '../../ui/Foot';
import { Notice, Trouble } from '../../ui/Notice';
import { Pane } from '../../ui/Pane';
import { Heading } from '../../ui/Screen';
import { Seam } from '../../ui/seam/Seam';
import { threads } from '../../ui/threadWords';
import { useWide } from '../../ui/useWide';
import { FocusCard } from './FocusCard';
import { RootLine } from './RootLine';

const shownRoots = 6;

export function Traced({ page, look }: { page: AthletePage; look: LookRecord }) {
  const { athlete, approach } = page;
  const today = useToday();
  const wide = useWide();
  const result = useMemo(
    () =>
      trace({
        athlete: { discipline: athlete.discipline, throws: athlete.throws, age: athlete.age, approach },
        findings: look.findings,
        runs: 0,
      }),
    [athlete.discipline, athlete.throws, athlete.age, approach, look.findings],
  );
  const accepted = page.trace?.lookId === look.id ? page.trace : null;
  const [focus, setFocus] = useState<Focus>(accepted?.chosen ?? result.focus);
  const [reason, setReason] = useState(accepted?.reason ?? '');
  const [root, setRoot] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const [id] = useState(() => v7());
  const [choose, { isLoading, error }] = api.useChooseFocusMutation();

  const differs = focus.lower !== result.focus.lower || focus.arm !== result.focus.arm;
  const changed = !accepted || focus.lower !== accepted.chosen.lower || focus.arm !== accepted.chosen.arm;
  const both = focus.lower !== null && focus.arm !== null;
  const none = focus.lower === null && focus.arm === null;
  const build = () => router.replace(`/athletes/${athlete.id}/build` as Href);
  const accept = async () => {
    if (!changed) return build();
    const body = { id: accepted ? v7() : id, lookId: look.id, ...focus, reason: differs ? reason : '' };
    if (!('error' in (await choose({ athleteId: athlete.id, body })))) build();
  };
  const notes = [
    ...bodyWords(result.bodyFirst),
    ...result.testFirst.map(
      ({ limit, flaw }) =>
        `Test first: ${nodeName(limit)} may be behind “${nodeName(flaw)}” and was never tested.`,
    ),
  ];
  return (
    <Pane
      most={wide ? 980 : 760}
      foot={
        <Foot>
          {error ? <Trouble error={error} /> : null}
          {none && !result.total ? null : (
            <Button
              mode="contained"
              loading={isLoading}
              disabled={none || (differs && changed && !reason.trim())}
              onPress={() => void accept()}
              contentStyle={styles.tall}
            >
              {!changed
                ? 'Go on to Build'
                : `${differs ? 'Keep' : 'Accept'} ${both ? 'both focuses' : 'the focus'}`}
            </Button>
          )}
        </Foot>
      }
    >
      <Seam
        discipline={athlete.discipline}
        findings={look.findings}
        size="large"
        label={`Look of ${dayWords(look.date, today)}, with threads from cause to effect`}
        flows={result.flows}
        chosen={root}
        marked={[focus.lower, focus.arm].filter((each) => each !== null)}
      />
      <Text variant="bodySmall">
        {`From the look ${agoWords(look.date, today)}. Arcs run from cause to effect, as thick as the blame they carry.`}
        {accepted ? ` Focus accepted by ${accepted.by}.` : ''}
      </Text>
      {result.total === 0 ? (
        <Notice icon="check">
          Nothing that counts was marked in this look. There is nothing to fix; look again later.
        </Notice>
      ) : null}

      <View style={wide ? styles.beside : styles.below}>
        {threads.map((thread) => (
          <View key={thread} style={wide ? styles.half : null}>
            <FocusCard
              thread={thread}
              trace={result}
              chosen={focus[thread]}
              onChoose={(chosen) =>
                setFocus(
                  athlete.age < 10 && chosen
                    ? { lower: null, arm: null, [thread]: chosen }
                    : { ...focus, [thread]: chosen },
                )
              }
            />
          </View>
        ))}
      </View>
      {athlete.age < 10 ? <Text variant="bodySmall">Below age 10 there is one focus at a time.</Text> : null}
      {differs ? (
        <TextInput
          mode="outlined"
          label="Why another focus than the proposed one?"
          aria-label="Why another focus than the proposed one?"
          value={reason}
          onChangeText={setReason}
          maxLength={300}
        />
      ) : null}
      {notes.map((note) => (
        <Notice key={note}>{note}</Notice>
      ))}

      {result.roots.length ? <Heading>What explains the picture</Heading> : null}
      {result.roots.slice(0, all ? undefined : shownRoots).map((each) => (
        <RootLine
          key={each.id}
          root={each}
          total={result.total}
          open={root === each.id}
          onPress={() => setRoot(root === each.id ? null : each.id)}
        />
      ))}
      {result.roots.length > shownRoots && !all ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {`${result.roots.length - shownRoots} smaller ones`}
        </Button>
      ) : null}

      {result.lookNext.length ? (
        <>
          <Heading>Look next at</Heading>
          <Text>{`${listed(result.lookNext.map(nodeName))}: not looked at yet, and the likeliest to change this picture.`}</Text>
        </>
      ) : null}
      {result.leaveAlone.length ? (
        <>
          <Heading>Leave alone</Heading>
          <Text>{`${listed(result.leaveAlone.map(nodeName))}.`}</Text>
        </>
      ) : null}
    </Pane>
  );
}

const styles = StyleSheet.create({
  tall: { minHeight: 48 },
  beside: { flexDirection: 'row', gap: 12 },
  half: { flex: 1 },
  below: { gap: 10 },
});
