import { type Offers } from '@wrightonic/contract';
import { withCarried, carriedBy, nodeOf } from '@wrightonic/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { useAthlete, useMe, useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Pane } from '../../ui/Screen/Pane';
import { Seam } from '../../ui/seam/Seam';
import { LookDetail } from './LookDetail';
import { LookHistory } from './LookHistory';
import { LookRead } from './LookRead';
import { LookTools } from './LookTools';
import { OpenLook } from './OpenLook';
import type { LookStep } from '../../ui/checkpoint/steps';
import { NotRead } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Without a connection nothing is offered; what was measured is kept all the same. */
const noOffers: Offers = [];

/** The newest look, or the one that is under way, and whatever else is looked at or measured. */
export function Look() {
  const { id, page, error: unread, again } = useAthlete('look');
  const { academy } = useMe();
  const today = useToday();
  const { data: offers = noOffers } = lazyEndpoints.useOffersQuery(id);
  const dispatch = useAppDispatch();
  const { of, points } = useLocalSearchParams<{ of?: string; points?: string }>();
  const only = useMemo(() => points?.split(',').filter((node) => nodeOf(node)), [points]);
  const [first, setFirst] = useState<LookStep['key'] | null>(null);
  if (!page) return <NotRead error={unread} again={again} />;
  const { discipline } = page.athlete;
  const newest = page.looks.at(-1);
  const asked = page.looks.find((look) => look.id === of);
  const begin = (look: 'quick' | 'full', step: LookStep['key'] | null = null) => {
    setFirst(step);
    dispatch(log(id, 'look-begun', { athleteId: id, look, zone: academy.zone, place: '' }));
  };
  if (asked && (asked.finished || asked !== newest))
    return <LookDetail athlete={page.athlete} look={asked} key={asked.id} />;
  if (newest && !newest.finished)
    return (
      <OpenLook
        key={newest.id}
        athlete={page.athlete}
        look={newest}
        carried={carriedBy(page, newest)}
        offers={offers}
        start={first}
        only={only?.length ? only : undefined}
        onFinished={() => router.replace(`/athletes/${id}/trace`)}
      />
    );
  return (
    <Pane
      foot={
        <ActionBar>
          <View style={styles.foot}>
            <Button
              mode="contained"
              onPress={() => begin('quick')}
              contentStyle={styles.tall}
              style={styles.more}
              accessibilityLabel={newest ? texts.takeANewQuick : texts.takeTheFirstQuick}
            >
              {texts.quickLook}
            </Button>
            <Button
              mode="outlined"
              onPress={() => begin('full')}
              contentStyle={styles.tall}
              style={styles.less}
              accessibilityLabel={texts.takeAFullLook}
            >
              {texts.fullLook}
            </Button>
          </View>
        </ActionBar>
      }
    >
      <Seam
        discipline={discipline}
        findings={newest ? withCarried(newest.findings, carriedBy(page, newest)) : {}}
        faint={newest ? carriedBy(page, newest) : []}
        size="large"
        label={newest ? texts.lookOf(dayWords(newest.date, today)) : texts.notLookedAtYet}
        onPhase={(phase) => begin('quick', phase)}
      />
      {newest ? (
        <LookRead look={newest} count={page.looks.length} />
      ) : (
        <Text variant="bodyLarge">{texts.everyHole}</Text>
      )}
      <Text>{texts.tapAPhase}</Text>
      <LookTools athleteId={id} offers={offers} />
      {page.looks.length ? <LookHistory athlete={page.athlete} looks={page.looks} /> : null}
    </Pane>
  );
}

const styles = StyleSheet.create({
  foot: { flexDirection: 'row', gap: 8 },
  tall: { minHeight: 48 },
  more: { flex: 3 },
  less: { flex: 2 },
});
