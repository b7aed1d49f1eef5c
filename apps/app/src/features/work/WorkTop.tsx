import { router } from 'expo-router';
import { memo, useState } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { groupChosen } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { groupOf } from './group';
import { GroupPick } from './GroupPick';
import { selectGroup } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  athleteId: string;
  name: string;
  onLeave: () => void;
  onEnd: () => void;
}

/** Who works, the way out, and everybody of this lesson one tap apart, each at their own drill. A rep changes nothing of it. */
export const WorkTop = memo(function WorkTop({ athleteId, name, onLeave, onEnd }: Props) {
  const today = useToday();
  const dispatch = useAppDispatch();
  const chosen = useAppSelector(selectGroup);
  const { data: lessons = [] } = api.useLessonsQuery();
  const { data: roster = [] } = api.useRosterQuery();
  const [picking, setPicking] = useState(false);
  const names = new Map(roster.map(({ id, givenName }) => [id, givenName]));
  const group = groupOf(athleteId, { chosen, today, lessons });
  return (
    <>
      <View style={styles.top}>
        <IconButton icon="close" accessibilityLabel={texts.leaveTheSessionStays} onPress={onLeave} />
        <Text variant="titleMedium" style={styles.grow} numberOfLines={1}>
          {name}
        </Text>
        <IconButton
          icon="account-group"
          accessibilityLabel={texts.whoWorksTogether}
          onPress={() => setPicking(true)}
        />
        <Button mode="outlined" icon="flag-checkered" onPress={onEnd}>
          {texts.end}
        </Button>
      </View>
      {group.length > 1 ? (
        <ScrollView horizontal style={styles.strip} contentContainerStyle={styles.inside}>
          {group.map((id) => (
            <One
              key={id}
              name={names.get(id) ?? '…'}
              here={id === athleteId}
              onPress={() => router.replace(`/athletes/${id}/session`)}
            />
          ))}
        </ScrollView>
      ) : null}
      {picking ? (
        <GroupPick
          athleteId={athleteId}
          group={group}
          roster={roster}
          lessons={lessons}
          onPick={(ids) => dispatch(groupChosen({ date: today, ids }))}
          onClose={() => setPicking(false)}
        />
      ) : null}
    </>
  );
});

function One({ name, here, onPress }: { name: string; here: boolean; onPress: () => void }) {
  const own = useColours();
  return (
    <Pressable
      role="button"
      aria-current={here ? 'true' : undefined}
      aria-label={here ? texts.now2(name) : texts.goTo(name)}
      onPress={here ? undefined : onPress}
      style={[
        styles.one,
        here
          ? { backgroundColor: own.dusk, borderColor: own.dusk }
          : { backgroundColor: own.surface, borderColor: own.line },
      ]}
    >
      <Text variant="labelLarge" style={{ color: here ? own.onDusk : own.ink }}>
        {name}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  top: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 12 },
  grow: { flex: 1, minWidth: 0 },
  strip: { flexGrow: 0 },
  inside: { gap: 6, paddingHorizontal: 12, paddingBottom: 6 },
  one: { minHeight: 44, paddingHorizontal: 12, borderWidth: 2, borderRadius: 8, justifyContent: 'center' },
});
