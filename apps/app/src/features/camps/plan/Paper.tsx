import type { CampPaper, CampRecord } from '@wrightonic/contract';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const papers: readonly { what: CampPaper; text: string }[] = [
  { what: 'stations', text: texts.stationSheets },
  { what: 'groups', text: texts.whereEveryoneGoes },
  { what: 'coaches', text: texts.coachSchedules },
  { what: 'labels', text: texts.nameLabels },
];

/** What is printed for when the phone is wet. */
export function Paper({ camp }: { camp: CampRecord }) {
  return (
    <Card>
      <Heading>{texts.onPaper}</Heading>
      <View style={styles.row}>
        {papers.map(({ what, text }) => (
          <Button
            key={what}
            mode="outlined"
            icon="printer"
            onPress={() => void Linking.openURL(`/api/camps/${camp.id}/papers/${what}.pdf`)}
          >
            {text}
          </Button>
        ))}
        <Button
          mode="outlined"
          onPress={() => void Linking.openURL(`/api/camps/${camp.id}/tables/schedule.csv`)}
        >
          {texts.scheduleAsCsv}
        </Button>
        <Button
          mode="outlined"
          onPress={() => void Linking.openURL(`/api/camps/${camp.id}/tables/roster.csv`)}
        >
          {texts.rosterAsCsv}
        </Button>
      </View>
      <Text variant="bodySmall">{texts.theRosterTableHas}</Text>
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
