import type { CampPaper, CampRecord } from '@wrightonic/contract';
import { Linking, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';

const papers: readonly { what: CampPaper; text: string }[] = [
  { what: 'stations', text: 'Station sheets' },
  { what: 'groups', text: 'Where everybody goes' },
  { what: 'coaches', text: 'Coach schedules' },
  { what: 'labels', text: 'Name labels' },
];

/** What is printed for when the phone is wet. */
export function Paper({ camp }: { camp: CampRecord }) {
  return (
    <Card>
      <Heading>On paper</Heading>
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
          Schedule as a table
        </Button>
        <Button
          mode="outlined"
          onPress={() => void Linking.openURL(`/api/camps/${camp.id}/tables/roster.csv`)}
        >
          Roster as a table
        </Button>
      </View>
      <Text variant="bodySmall">The roster table holds contacts and allergies: for staff alone.</Text>
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
