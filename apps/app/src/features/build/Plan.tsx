import { type BuildPage, type PlanRecord } from '@wrightonic/contract';
import { uncleared, unclearedEffort, notMedical } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Seam } from '../../ui/seam/Seam';
import { useWide } from '../../ui/hooks/useWide';
import { KeepTemplate } from './KeepTemplate';
import { Ladder } from './Ladder';
import { Share } from './Share';
import { Assigned } from './week/Assigned';
import { Week } from './week/Week';
import { Words } from './Words';

export function Plan({ page, plan }: { page: BuildPage; plan: PlanRecord }) {
  const wide = useWide();
  const today = useToday();
  const { athlete } = page;
  const [changing, setChanging] = useState(false);
  const running = plan.assignment?.items.some(({ date }) => date >= today) ? plan.assignment : null;
  return (
    <Pane maxWidth={wide ? 1100 : 760}>
      <Seam
        discipline={athlete.discipline}
        findings={page.looks.filter(({ finished }) => finished).at(-1)?.findings ?? {}}
        size="row"
        label={`${athlete.givenName}’s delivery, the focus marked`}
        marked={plan.threads.map(({ focus }) => focus)}
      />
      <Text variant="bodyLarge">
        {`${dayWords(plan.startsOn, today)} to ${dayWords(plan.endsOn, today)}. Look again on ${dayWords(plan.relookOn, today)}.`}
      </Text>
      {uncleared(page.history).map(({ what, site }) => (
        <Notice key={`${what} ${site}`} alert>
          <Text>
            {`${what} (${site}) is not cleared: no throws above ${unclearedEffort} %, no constraint or tether drills. Ask a licensed clinician; who cleared it goes into the profile.`}
          </Text>
        </Notice>
      ))}
      {running && !changing ? (
        <Assigned athleteId={athlete.id} assignment={running} onAnew={() => setChanging(true)} />
      ) : (
        <Week key={running?.id ?? 'new'} page={page} plan={plan} onDone={() => setChanging(false)} />
      )}
      <View style={wide ? styles.beside : styles.below}>
        {plan.threads.map((thread) => (
          <View key={thread.thread} style={wide ? styles.half : null}>
            <Ladder page={page} planId={plan.id} thread={thread} />
          </View>
        ))}
      </View>
      <KeepTemplate planId={plan.id} />
      {plan.assignment ? <Share page={page} /> : null}
      <Words page={page} plan={plan} />
      {athlete.age < 13 ? (
        <Notice>Below 13: no maximal effort, no tether, no added-mass balls, few jumps.</Notice>
      ) : null}
      <Text variant="bodySmall">{`Stop for pain. ${notMedical}`}</Text>
    </Pane>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 12, alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
  below: { gap: 12 },
});
