import type { LookRecord, MadeShare } from '@wrightonic/contract';
import { useEffect, useRef, useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { CopyText } from '../../ui/CopyAddress/CopyText';
import { OpenLinks } from '../../ui/CopyAddress/OpenLinks';
import { Choices } from '../../ui/form/Choices';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athlete: { id: string; givenName: string };
  before: LookRecord | null;
  after: LookRecord | null;
  /** It is made at once, without names. */
  now: boolean;
  onTable: () => void;
}

const opensDays = 60;

/** The report on paper, behind a link for the family, and everything as a table. */
export function SendReport({ athlete: { id, givenName }, before, after, now, onTable }: Props) {
  const today = useToday();
  const { academy } = useMe();
  const [names, setNames] = useState(false);
  const [made, setMade] = useState<MadeShare | null>(null);
  const { data } = lazyEndpoints.useReportsQuery(id);
  const [make, making] = lazyEndpoints.useMakeReportMutation();
  const [end, ending] = lazyEndpoints.useEndReportMutation();
  const of = { before: before?.id ?? null, after: after?.id ?? null };
  const query = new URLSearchParams({
    before: of.before ?? '',
    after: of.after ?? '',
    names: names ? '1' : '0',
  });
  const day = (instant: string) => dayWords(dayAt(instant, academy.zone), today);
  const send = async () => {
    const answer = await make({ athleteId: id, body: { id: v7(), days: opensDays, names, ...of } });
    if (answer.data) setMade(answer.data);
  };
  const asked = useRef(!now);
  useEffect(() => {
    if (asked.current) return;
    asked.current = true;
    void send();
    // oxlint-disable-next-line react/exhaustive-deps -- once, as it opens
  }, []);
  return (
    <Card>
      <Heading>{texts.sendTheProgress}</Heading>
      <Text>{texts.twoSentencesBothSeams(givenName)}</Text>
      <Choices
        label={texts.flaws}
        shown
        value={names}
        onChange={setNames}
        options={[
          { value: false, text: texts.withoutNamesOfFlaws },
          { value: true, text: texts.nameTheFlaws },
        ]}
      />
      {making.error ? <ErrorNotice error={making.error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" icon="share-variant" loading={making.isLoading} onPress={() => void send()}>
          {texts.sendToTheFamily}
        </Button>
        <Button
          mode="outlined"
          icon="printer"
          onPress={() => void Linking.openURL(`/api/athletes/${id}/report.pdf?${query}`)}
        >
          {texts.reportAsPdf}
        </Button>
        <Button mode="text" icon="tray-arrow-down" onPress={onTable}>
          {texts.everythingAsCsv}
        </Button>
      </View>
      {made ? (
        <>
          <Text>{texts.anyoneWithThisLink(day(made.expiresAt))}</Text>
          <CopyText
            key={made.token}
            label={texts.copyLink}
            text={`${location.origin}/s/report/${made.token}`}
          />
          <Button mode="text" onPress={() => void Linking.openURL(`/s/report/${made.token}`)}>
            {texts.openAsTheySee}
          </Button>
        </>
      ) : null}
      {ending.error ? <ErrorNotice error={ending.error} /> : null}
      <OpenLinks
        called={texts.report}
        links={data ?? []}
        onTakeBack={(report) =>
          void end({ athleteId: id, report, body: { id: v7() } }).then(() =>
            made?.id === report ? setMade(null) : undefined,
          )
        }
      />
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
});
