import type { CampAfter, CampRecord, FollowedUp } from '@wrightonic/contract';
import type { CampChangeOf } from '@wrightonic/core';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { CopyText } from '../../../ui/CopyAddress/CopyText';
import { PickOne } from '../../../ui/form/PickOne';
import { ErrorNotice, Notice, Waiting } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { dayWords } from '../../../ui/words/days';
import { said } from '../../../ui/words/velocityWords';
import { calledIn, useCamp } from '../useCamp';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** What came of a camp: who truly moved, report cards, plans for home, the archive. */
export function CampAfterScreen() {
  const { camp } = useCamp();
  return camp ? <After camp={camp} key={camp.id} /> : null;
}

function After({ camp }: { camp: CampRecord }) {
  const { data, error, refetch } = lazyEndpoints.useCampAfterQuery(camp.id);
  return (
    <Pane>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.comparingTheDays} /> : null}
      {data ? (
        <>
          <Moved camp={camp} after={data} />
          <FollowUps camp={camp} after={data} />
        </>
      ) : null}
      <Cards camp={camp} />
      <Archive camp={camp} />
    </Pane>
  );
}

const order: Record<CampChangeOf['verdict'], number> = { up: 0, down: 1, within: 2, untested: 3 };
const verdictWords: Record<CampChangeOf['verdict'], string> = {
  up: 'faster',
  down: 'slower',
  within: texts.withinChance,
  untested: texts.tooFewThrows,
};

function Moved({ camp, after }: { camp: CampRecord; after: CampAfter }) {
  const { velocityUnit } = useMe().person;
  const today = useToday();
  const called = calledIn(camp, true);
  const signed = (value: number) => `${value >= 0 ? '+' : '–'}${said(Math.abs(value), velocityUnit)}`;
  const count = (verdict: CampChangeOf['verdict']) =>
    after.athletes.filter((each) => each.verdict === verdict).length;
  const { group } = after;
  const rows = [...after.athletes].sort(
    (a, b) => order[a.verdict] - order[b.verdict] || (b.change ?? 0) - (a.change ?? 0),
  );
  if (after.firstDay === after.lastDay)
    return (
      <Card>
        <Heading>{texts.firstDayAgainstLast}</Heading>
        <Text>{texts.thisCampHasOne}</Text>
      </Card>
    );
  return (
    <Card>
      <Heading>{texts.against(dayWords(after.firstDay, today), dayWords(after.lastDay, today))}</Heading>
      <Text role="status">
        {after.tested
          ? texts.testedOnBothDays(after.tested, count('up'), count('down'), count('within'))
          : texts.nobodyHasFiveComparable}
      </Text>
      {group ? (
        <Text>
          {texts.theGroupsMedianChange(signed(group.median), signed(group.low), signed(group.high))}
        </Text>
      ) : after.tested ? (
        <Text>{texts.tooFewAthletesWere}</Text>
      ) : null}
      {rows.map(({ athlete, first, last, change, needed, verdict }) => (
        <View key={athlete} style={styles.line}>
          <View style={styles.grow}>
            <Text variant="labelLarge">{called(athlete)}</Text>
            <Text variant="bodySmall">
              {first && last
                ? texts.toMoreThan(
                    said(first.usual, velocityUnit),
                    said(last.usual, velocityUnit),
                    said(needed!, velocityUnit),
                  )
                : texts.needsFiveComparableThrows}
            </Text>
          </View>
          <Text variant="labelLarge">
            {change === null ? verdictWords.untested : `${signed(change)}, ${verdictWords[verdict]}`}
          </Text>
        </View>
      ))}
      <Button
        mode="outlined"
        style={styles.start}
        onPress={() => void Linking.openURL(`/api/camps/${camp.id}/tables/results.csv`)}
      >
        {texts.resultsAsCsv}
      </Button>
    </Card>
  );
}

/** Plans for home of everybody who has a look and no plan of it, in one go. */
function FollowUps({ camp, after }: { camp: CampRecord; after: CampAfter }) {
  const [send, { isLoading, error }] = lazyEndpoints.useFollowUpCampMutation();
  const [done, setDone] = useState<FollowedUp | null>(null);
  const called = calledIn(camp, true);
  const open = after.plans.filter(({ state }) => state === 'open').map(({ athlete }) => athlete);
  const noLook = after.plans.filter(({ state }) => state === 'no look').length;
  const make = async () => {
    const athletes = open.map((athleteId) => ({ athleteId, traceId: v7(), planId: v7() }));
    const answer = await send({ campId: camp.id, athletes });
    if (!('error' in answer)) setDone(answer.data);
  };
  return (
    <Card>
      <Heading>{texts.plansForHome}</Heading>
      <Text>
        {texts.haveAPlan(
          after.plans.filter(({ state }) => state === 'planned').length,
          open.length,
          noLook ? texts.wereNeverLookedAt(noLook) : '',
        )}
      </Text>
      {error ? <ErrorNotice error={error} /> : null}
      {done ? (
        <Notice icon="check">
          <Text role="status">{texts.plansMadeFromEach(done.made.length)}</Text>
          {done.left.map(({ athleteId, why }) => (
            <Text key={athleteId}>{`${called(athleteId)}: ${why}`}</Text>
          ))}
        </Notice>
      ) : null}
      {open.length ? (
        <Button mode="contained" loading={isLoading} disabled={isLoading} onPress={() => void make()}>
          {texts.makePlan(open.length)}
        </Button>
      ) : null}
    </Card>
  );
}

const cardDays = 60;

function Cards({ camp }: { camp: CampRecord }) {
  const [make, { error }] = lazyEndpoints.useMakeCampLinkMutation();
  const [made, setMade] = useState<{ name: string; address: string } | null>(null);
  const create = async (athleteId: string, name: string) => {
    const answer = await make({ campId: camp.id, id: v7(), kind: 'card', athleteId, days: cardDays });
    if (!('error' in answer))
      setMade({ name, address: `${location.origin}/api/camp-cards/${answer.data.token}` });
  };
  return (
    <Card>
      <Heading>{texts.reportCards}</Heading>
      <Button
        mode="contained"
        icon="printer"
        style={styles.start}
        onPress={() => void Linking.openURL(`/api/camps/${camp.id}/papers/cards.pdf`)}
      >
        {texts.allAsOnePdf}
      </Button>
      {made ? (
        <>
          <Text>{texts.theCard(made.name, cardDays)}</Text>
          <CopyText key={made.address} label={texts.copyLink} text={made.address} />
        </>
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <PickOne
        label={texts.athleteForALink}
        options={camp.members.map(({ id, givenName, familyName }) => ({
          value: id,
          text: `${givenName} ${familyName}`,
        }))}
        value={null}
        onPick={(id) => id && void create(id, calledIn(camp, true)(id))}
      />
    </Card>
  );
}

function Archive({ camp }: { camp: CampRecord }) {
  const [send, { isLoading, error }] = lazyEndpoints.useArchiveCampMutation();
  return (
    <Card>
      <Heading>{texts.archive}</Heading>
      <Text>{texts.anArchivedCampLeaves}</Text>
      {error ? <ErrorNotice error={error} /> : null}
      <Button
        mode="outlined"
        loading={isLoading}
        style={styles.start}
        onPress={() => void send({ campId: camp.id, id: v7(), archived: !camp.archived })}
      >
        {camp.archived ? texts.restoreFromTheArchive : texts.archiveCamp}
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1, minWidth: 180 },
  start: { alignSelf: 'flex-start' },
});
