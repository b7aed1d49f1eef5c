import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { Link, router } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { AthleteLine } from '../../ui/AthleteLine/AthleteLine';
import { useIdle } from '../../ui/hooks/useIdle';
import { useWide } from '../../ui/hooks/useWide';
import { VirtualLines } from '../../ui/VirtualLines/VirtualLines';
import { timeAt } from '../../ui/words/days';
import { lessonWords } from '../../ui/words/lessonWords';
import { texts } from './texts';
import { IconButton } from '../../ui/Button/IconButton';

/** As high as a line is: name, seam, what is due. */
const lineHeight = 110;

interface Props {
  lessons: readonly Lesson[];
  today: string;
  /** By id; empty until the roster has arrived. */
  athletes: ReadonlyMap<string, RosterEntry>;
}

/** The lessons of a day, each with what is due; before the roster has arrived with the name alone. */
export function DayLessons({ lessons, today, athletes }: Props) {
  const wide = useWide();
  const idle = useIdle();
  return (
    <VirtualLines
      count={lessons.length}
      height={lineHeight}
      gap={10}
      lanes={wide ? 2 : 1}
      // What lies below the edge waits until what can be seen stands.
      beyond={idle ? 6 : 0}
      keyOf={(index) => lessons[index]!.id}
    >
      {(index) => (
        <LessonLine
          lesson={lessons[index]!}
          today={today}
          athlete={athletes.get(lessons[index]!.athleteId)}
        />
      )}
    </VirtualLines>
  );
}

interface LineProps {
  lesson: Lesson;
  today: string;
  athlete: RosterEntry | undefined;
}

function LessonLine({ lesson, today, athlete }: LineProps) {
  const { academy } = useMe();
  const time = timeAt(lesson.startsAt, academy.zone);
  const place = lessonWords[lesson.state] || lesson.place;
  return (
    <View style={styles.line}>
      <View style={styles.grow}>
        {athlete ? (
          <AthleteLine athlete={athlete} lead={time} trail={place} />
        ) : (
          <NameLine lesson={lesson} time={time} place={place} />
        )}
      </View>
      <IconButton
        icon="dots-vertical"
        accessibilityLabel={texts.changeTheLesson(athlete?.givenName ?? lesson.name, time)}
        style={styles.more}
        onPress={() => router.navigate(`/diary/${lesson.id}?on=${today}`)}
      />
    </View>
  );
}

/** Who comes, and when and where; leads to what is due, which is not known here yet. */
function NameLine({ lesson, time, place }: { lesson: Lesson; time: string; place: string }) {
  const own = useColours();
  return (
    <Link href={`/athletes/${lesson.athleteId}`} push asChild>
      <Pressable
        role="link"
        style={StyleSheet.flatten([styles.name, { backgroundColor: own.surface, borderColor: own.line }])}
      >
        <Text variant="titleMedium" style={styles.grow} numberOfLines={1}>
          {`${time}  ${lesson.name || '…'}`}
        </Text>
        <Text variant="bodySmall" style={{ color: own.inkSoft }}>
          {place}
        </Text>
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1, minWidth: 0 },
  more: { margin: 0, width: 44, height: 44 },
  name: {
    minHeight: lineHeight,
    borderWidth: 1,
    borderRadius: 8,
    padding: 10,
    paddingHorizontal: 14,
    flexDirection: 'row',
    alignItems: 'flex-start',
    gap: 8,
  },
});
