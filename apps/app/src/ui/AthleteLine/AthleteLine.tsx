import type { RosterEntry } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core/checkpoints';
import { Link } from 'expo-router';
import { memo, useEffect, useRef } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { kindWords } from '../words/kindWords';
import { Seam } from '../seam/Seam';
import { texts } from '../texts';

interface Props {
  athlete: RosterEntry;
  /** Before the name, such as a time. */
  lead?: string;
  /** After it, such as a place. */
  trail?: string;
  here?: boolean;
}

/** One athlete in a list: who, the tiny seam, and the verb that is due with the next thing. */
export const AthleteLine = memo(function AthleteLine({ athlete, lead, trail, here }: Props) {
  const own = useColours();
  const { id, givenName, familyName, discipline, findings, due, focus } = athlete;
  // The chosen one is in view, wherever in the list it stands.
  const line = useRef<View>(null);
  useEffect(() => {
    if (here) (line.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  const focuses = [focus.lower, focus.arm].filter((each) => each !== null).map(nodeName);
  return (
    <Link href={`/athletes/${id}/${due.verb}`} push asChild>
      <Pressable
        ref={line}
        role="link"
        aria-current={here ? 'page' : undefined}
        style={StyleSheet.flatten([
          styles.line,
          {
            backgroundColor: here ? own.amberSunk : own.surface,
            borderColor: here ? own.amber : own.line,
          },
          here ? styles.here : null,
        ])}
      >
        <View style={styles.top}>
          <Text variant="titleMedium" style={styles.grow} numberOfLines={1}>
            {lead ? `${lead}  ` : ''}
            {givenName} {familyName}
          </Text>
          <Text variant="bodySmall" style={{ color: own.inkSoft }}>
            {trail ?? kindWords(athlete)}
          </Text>
        </View>
        <Seam discipline={discipline} findings={findings} size="tiny" label={texts.sDelivery(givenName)} />
        <View style={styles.top}>
          <Text variant="labelMedium" style={[styles.verb, { backgroundColor: own.sunk }]}>
            {due.verb}
          </Text>
          <Text variant="bodySmall" style={styles.grow} numberOfLines={1}>
            {athlete.lock
              ? texts.throwsLocked(athlete.lock.site)
              : due.verb === 'work' && focuses.length
                ? focuses.join(' · ')
                : due.next}
          </Text>
        </View>
      </Pressable>
    </Link>
  );
});

const styles = StyleSheet.create({
  line: { borderWidth: 1, borderRadius: 8, padding: 10, paddingHorizontal: 14, gap: 2 },
  here: { borderWidth: 3 },
  top: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  verb: {
    textTransform: 'capitalize',
    paddingHorizontal: 10,
    paddingVertical: 3,
    borderRadius: 4,
    overflow: 'hidden',
  },
});
