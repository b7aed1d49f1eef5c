import { router, type Href } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { more } from '../../store/more';
import { readyWords } from '../../ui/readyWords';

/** Who is ready for another stage, and the weeks of many at once. */
export function Ready() {
  const { data } = more.useStageProposalsQuery();
  const words = data && readyWords(data);
  return (
    <View style={styles.row}>
      {words ? (
        <Button
          mode="contained-tonal"
          icon="arrow-up"
          onPress={() => router.navigate('/roster/moves' as Href)}
        >
          {words}
        </Button>
      ) : null}
      <Button mode="outlined" onPress={() => router.navigate('/roster/weeks' as Href)}>
        Weeks of many
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
