import { type BuildPage, type PlanRecord } from '@wrightonic/contract';
import { uncleared, unclearedEffort, notMedical } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Seam } from '../../ui/seam/Seam';
import { useWide } from '../../ui/hooks/useWide';
import { KeepTemplate } from './KeepTemplate';
import { Ladder } from './Ladder';
import { ShareButton } from './ShareSheet';
import { Assigned } from './week/Assigned';
import { Week } from './week/Week';
import { Words } from './Words';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

export function Plan({ page, plan }: { page: BuildPage; plan: PlanRecord }) {
  const wide = useWide();
  const today = useToday();
  const [changing, setChanging] = useState(false);
  const running = plan.assignment?.items.some(({ date }) => date >= today) ? plan.assignment : null;
  const below = <BelowWeek page={page} plan={plan} />;
  if (!running || changing)
    return (
      <Week key={running?.id ?? 'new'} page={page} plan={plan} onDone={() => setChanging(false)}>
        {below}
      </Week>
    );
  return (
    <Pane
      maxWidth={wide ? 1100 : 760}
      foot={
        <ActionBar>
          <View style={styles.row}>
            <ShareButton page={page} />
            <Button
              mode="outlined"
              contentStyle={styles.tall}
              onPress={() => router.replace(`/athletes/${page.athlete.id}/work`)}
            >
              {texts.goToWork}
            </Button>
          </View>
        </ActionBar>
      }
    >
      <Assigned assignment={running} onAnew={() => setChanging(true)} />
      {below}
    </Pane>
  );
}

/** The plan that the week is taken from: what is missing for it, its ladders, its words. */
function BelowWeek({ page, plan }: { page: BuildPage; plan: PlanRecord }) {
  const wide = useWide();
  const today = useToday();
  const { athlete } = page;
  return (
    <>
      {uncleared(page.history).map(({ what, site }) => (
        <Notice key={`${what} ${site}`} alert>
          <Text>{texts.isNotClearedNo(what, site, unclearedEffort)}</Text>
        </Notice>
      ))}
      <Text>
        {texts.planFromToLook(
          dayWords(plan.startsOn, today),
          dayWords(plan.endsOn, today),
          dayWords(plan.relookOn, today),
        )}
      </Text>
      <Seam
        discipline={athlete.discipline}
        findings={page.looks.filter(({ finished }) => finished).at(-1)?.findings ?? {}}
        size="row"
        label={texts.sDeliveryTheFocus(athlete.givenName)}
        marked={plan.threads.map(({ focus }) => focus)}
      />
      <View style={wide ? styles.beside : styles.below}>
        {plan.threads.map((thread) => (
          <View key={thread.thread} style={wide ? styles.half : null}>
            <Ladder page={page} planId={plan.id} thread={thread} />
          </View>
        ))}
      </View>
      <Words page={page} plan={plan} />
      <KeepTemplate planId={plan.id} />
      {athlete.age < 13 ? <Notice>{texts.belowNoMaximalEffort}</Notice> : null}
      <Text variant="bodySmall">{texts.stopForPain(notMedical)}</Text>
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 12, alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
  below: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  tall: { minHeight: 48 },
});
