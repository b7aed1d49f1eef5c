import type { ReportPage } from '@wrightonic/contract';
import { findingsAlong, notMedical, velocityIn } from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { VelocityChart } from '../../charts/VelocityChart';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { severityNames } from '../../ui/seam/words';
import { dayWords, withDays } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** The page behind the link of a report: two sentences, one chart, before and after. */
export function ReportScreen() {
  const { token = '' } = useLocalSearchParams<{ token: string }>();
  const { data, error, refetch } = lazyEndpoints.useReportQuery(token);
  if (data) return <Told key={token} report={data} token={token} />;
  if (!error) return <Waiting what={texts.openingTheReport} />;
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.progress}</PageTitle>
      <ErrorNotice error={error} again={() => void refetch()} />
    </View>
  );
}

const gradeWords = (grade: number | null): string =>
  grade === null ? texts.notLookedAt : severityNames[grade]!;

function Told({ report, token }: { report: ReportPage; token: string }) {
  const { givenName, academy, on, words, velocity, unit, discipline, changes } = report;
  const title = texts.sProgress(givenName);
  const moved = changes.filter(({ change }) => change === 'better' || change === 'slipped');
  const said = (value: number) => `${velocityIn(value, unit).toFixed(1)} ${unit}`;
  return (
    <View style={styles.root} role="main">
      <PageTitle>{title}</PageTitle>
      <Pane>
        <TitleRow title={title} />
        <Text>{`${academy}, ${dayWords(on, '')}`}</Text>
        <Text variant="bodyLarge">{withDays(words.movement, on)}</Text>
        <Text variant="bodyLarge">{withDays(words.velocity, on)}</Text>
        {velocity.length > 1 ? (
          <VelocityChart
            days={velocity}
            unit={unit}
            label={texts.usualVelocityOfSessions(
              velocity.length,
              said(velocity[0]!.usual),
              said(velocity.at(-1)!.usual),
            )}
          />
        ) : null}
        {(['before', 'after'] as const).map((which) => {
          const look = report[which];
          return look ? (
            <View key={which}>
              <Text variant="labelMedium">
                {`${which === 'before' ? texts.before : texts.after}, ${dayWords(look.date, on)}`}
              </Text>
              <Seam
                discipline={discipline}
                findings={findingsAlong(discipline, look.grades)}
                size="row"
                label={which === 'before' ? texts.before : texts.after}
                unnamed={changes.length === 0}
              />
            </View>
          ) : null;
        })}
        {report.after ? <Text variant="bodySmall">{texts.aTightStitch}</Text> : null}
        {moved.map(({ name, before, after, change }) => (
          <Text key={name}>
            {`${change === 'better' ? texts.better : texts.slipped}: ${name}, ${gradeWords(before)} → ${gradeWords(after)}`}
          </Text>
        ))}
        <Button
          mode="outlined"
          icon="printer"
          style={styles.start}
          onPress={() =>
            void Linking.openURL(`/api/progress-reports/${encodeURIComponent(token)}/report.pdf`)
          }
        >
          {texts.printTheReport}
        </Button>
        <Text variant="bodySmall">{notMedical}</Text>
      </Pane>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  start: { alignSelf: 'flex-start' },
});
