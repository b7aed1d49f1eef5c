import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe, useToday } from '../../store/useAthlete';
import { dayAt, dayWords } from '../words/days';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface Link {
  id: string;
  at: string;
  by: string;
  expiresAt: string;
  ended: boolean;
  /** Whose it is; empty for everybody’s. */
  forWhom?: string;
}

interface Props {
  /** What they are called: “link”, “report”. */
  called: string;
  links: readonly Link[];
  onTakeBack: (id: string) => void;
}

/** Links that are still open, each with a way to take it back. */
export function OpenLinks({ called, links, onTakeBack }: Props) {
  const today = useToday();
  const { academy } = useMe();
  const day = (instant: string) => dayAt(instant, academy.zone);
  const open = links.filter(({ ended, expiresAt }) => !ended && day(expiresAt) >= today);
  if (open.length === 0) return null;
  return (
    <>
      <Text variant="labelMedium">{texts.openS(called)}</Text>
      {open.map(({ id, by, at, expiresAt, forWhom }) => (
        <View key={id} style={styles.row}>
          <Text style={styles.grow}>
            {forWhom ? `${forWhom}: ` : ''}
            {texts.opensUntil(by, dayWords(day(at), today), dayWords(day(expiresAt), today))}
          </Text>
          <Button
            mode="text"
            compact
            accessibilityLabel={texts.revokeTheOf(called, dayWords(day(at), today))}
            onPress={() => onTakeBack(id)}
          >
            {texts.revoke}
          </Button>
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 160 },
});
