import type { AthletePage } from '@wrightonic/contract';
import { cueIn, type Drill, type Severity } from '@wrightonic/core';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton, Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { Notice } from '../../ui/Notice';
import { restWords } from '../../ui/restWords';
import { Seam } from '../../ui/seam/Seam';
import { useBook } from '../../ui/useBook';
import { Constraints } from './Constraints';
import type { Session } from './useSession';

interface Props {
  page: AthletePage;
  session: Session;
  drill: Drill;
  throwsLeft: number;
  children: ReactNode;
}

const noFindings: Readonly<Record<string, Severity>> = {};

/** The drill with its one cue, its figure, what is in the way and what was noted. */
export function DrillCard({ page, session, drill, throwsLeft, children }: Props) {
  const book = useBook();
  const today = useToday();
  const { athlete, limits } = page;
  // The full explanation stands below; while working one line is enough.
  const voice = athlete.voice === 'detail' ? 'plain' : athlete.voice;
  const notes = session.events
    .filter((event) => event.kind === 'noted')
    .filter((note) => note.drill === drill.id);
  return (
    <>
      <Text variant="headlineMedium" style={styles.middle}>{`“${cueIn(drill.id, voice, book)}”`}</Text>
      {drill.throws && throwsLeft <= 0 ? (
        <Notice alert>
          {restWords(limits, today) ??
            'Today’s throws are used up. Whatever is thrown now goes beyond the limit.'}
        </Notice>
      ) : null}
      {children}
      <Constraints key={drill.id} page={page} session={session} drill={drill.id} />
      <Seam
        discipline={athlete.discipline}
        findings={noFindings}
        size="tiny"
        label="What this drill works on is marked"
        marked={drill.targets}
      />
      <View style={styles.figure}>
        <DrillFigure
          drill={book.figure(drill.id)}
          hand={athlete.throws}
          discipline={athlete.discipline}
          width={200}
          height={116}
          label={`Set-up of ${drill.name}`}
        />
      </View>
      <Text style={styles.middle}>{drill.what}</Text>
      {drill.caution ? <Notice>{`Care: ${drill.caution}`}</Notice> : null}
      {notes.map((note) => (
        <View key={note.id} style={styles.note}>
          <Text style={styles.grow}>{`Noted: ${note.text}`}</Text>
          <IconButton
            icon="close"
            accessibilityLabel={`Take the note back: ${note.text}`}
            onPress={() => session.inSession().takeBack(note.id)}
          />
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1, minWidth: 0 },
  middle: { textAlign: 'center' },
  figure: { alignItems: 'center' },
  note: { flexDirection: 'row', alignItems: 'center' },
});
