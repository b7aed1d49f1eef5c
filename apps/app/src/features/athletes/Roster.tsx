import { router, useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { Ready } from './Ready';
import { RosterList } from './RosterList';

export function Roster() {
  const { search } = useLocalSearchParams<{ search?: string }>();
  return (
    <View style={styles.root} role="main">
      <PageTitle>Roster</PageTitle>
      <RosterList
        searching={search !== undefined}
        head={
          <>
            <TitleRow
              title="Roster"
              action={
                <>
                  <Button mode="text" compact onPress={() => router.navigate('/roster/progress')}>
                    Progress
                  </Button>
                  <Button mode="text" compact onPress={() => router.navigate('/roster/import')}>
                    From a table
                  </Button>
                  <Button mode="contained" icon="plus" onPress={() => router.navigate('/athletes/new')}>
                    Add athlete
                  </Button>
                </>
              }
            />
            <Ready />
          </>
        }
      />
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, minHeight: 0 } });
