import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { ReadyButton } from '../../ui/ReadyButton/ReadyButton';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Who is ready for another stage, and the weeks of many at once. */
export function Ready() {
  return (
    <View style={styles.row}>
      <ReadyButton />
      <Button mode="outlined" onPress={() => router.navigate('/roster/weeks')}>
        {texts.planSeveralAthletes}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
