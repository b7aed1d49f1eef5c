import type { WorkPage } from '@wrightonic/contract';
import {
  cueIn,
  drillDetail,
  liveCue,
  mostCuesASession,
  shortVoice,
  type Drill,
  type Severity,
} from '@wrightonic/core';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { IconButton, Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { DrillOnTap } from '../../ui/body/DrillOnTap';
import { LevelPick } from '../../ui/form/LevelPick';
import { Icon } from '../../ui/Icon/Icon';
import { Notice } from '../../ui/Notice/Notice';
import { restWords } from '../../ui/words/restWords';
import { Seam } from '../../ui/seam/Seam';
import { useBook } from '../../ui/hooks/useBook';
import { Constraints } from './Constraints';
import { CueSheet } from './CueSheet';
import { cuesOfDrill } from './session';
import type { Session } from './useSession';

interface Props {
  page: WorkPage;
  session: Session;
  drill: Drill;
  throwsLeft: number;
  children: ReactNode;
}

const noFindings: Readonly<Record<string, Severity>> = {};

/** The drill with its one cue, its figure, what is in the way and what was noted. */
export function DrillCard({ page, session, drill, throwsLeft, children }: Props) {
  const book = useBook();
  const own = useColours();
  const today = useToday();
  const { athlete, limits } = page;
  const [changing, setChanging] = useState(false);
  // The full explanation stands below; while working one line is enough.
  const cue = liveCue(drill.id, page.cues)?.text ?? cueIn(drill.id, shortVoice(athlete.voice), book);
  const began = session.events.find(({ kind }) => kind === 'pain' || kind === 'rep')?.at;
  const cuesHere = began ? page.cues.filter(({ at }) => at >= began).length : 0;
  const notes = session.events
    .filter((event) => event.kind === 'noted')
    .filter((note) => note.drill === drill.id);
  return (
    <>
      <Pressable
        role="button"
        aria-label={`Change cue “${cue}”`}
        onPress={() => setChanging(true)}
        style={styles.cue}
      >
        <Text variant="headlineMedium" style={[styles.middle, styles.shrink]}>{`“${cue}”`}</Text>
        <Icon name="pencil" size={18} colour={own.dusk} />
      </Pressable>
      {cuesHere > mostCuesASession ? (
        <Notice>{`That is ${cuesHere} new cues this session. Two are as many as anybody can think of.`}</Notice>
      ) : null}
      <LevelPick page={page} drill={drill} />
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
      <DrillOnTap
        key={`${drill.id} in motion`}
        drill={book.figure(drill.id)}
        name={drill.name}
        hand={athlete.throws}
        discipline={athlete.discipline}
        width={220}
        height={130}
      />
      <Text style={athlete.voice === 'detail' ? null : styles.middle}>
        {athlete.voice === 'detail' ? drillDetail(drill.id, book) : drill.what}
      </Text>
      {changing ? (
        <CueSheet
          drill={drill}
          lines={cuesOfDrill(page, drill.id, book, session)}
          onCue={(text, whose) => session.chooseCue(drill.id, text, whose)}
          onClose={() => setChanging(false)}
        />
      ) : null}
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
  cue: { flexDirection: 'row', alignItems: 'center', justifyContent: 'center', gap: 8, minHeight: 44 },
  shrink: { flexShrink: 1 },
  note: { flexDirection: 'row', alignItems: 'center' },
});
