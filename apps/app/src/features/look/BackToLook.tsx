import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athleteId: string;
  /** What the tool is called, where its page does not say so itself. */
  title?: string;
}

/** From a tool of Look back to Look. */
export const BackToLook = ({ athleteId, title }: Props) => (
  <View style={styles.row}>
    <Button mode="text" icon="chevron-left" onPress={() => router.navigate(`/athletes/${athleteId}/look`)}>
      {texts.look}
    </Button>
    {title ? <Heading>{title}</Heading> : null}
  </View>
);

const styles = StyleSheet.create({ row: { flexDirection: 'row', alignItems: 'center', gap: 8 } });
