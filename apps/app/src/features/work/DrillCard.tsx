import type { WorkPage } from '@wrightonic/contract';
import { drillDetail, type Drill, type Severity } from '@wrightonic/core';
import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { selectFigureSeen } from '../../store/selectors';
import { figureSeen } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useToday } from '../../store/useAthlete';
import { DrillOnTap } from '../../ui/body/DrillOnTap';
import { LevelPick } from '../../ui/form/LevelPick';
import { useBook } from '../../ui/hooks/useBook';
import { Notice } from '../../ui/Notice/Notice';
import { Seam } from '../../ui/seam/Seam';
import { restWords } from '../../ui/words/restWords';
import type { Session } from './useSession';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  page: WorkPage;
  session: Session;
  drill: Drill;
  throwsLeft: number;
  children: ReactNode;
}

const noFindings: Readonly<Record<string, Severity>> = {};

/** What stands behind one drill: its level, what is in the way, its figure and words, and what was noted. */
export function DrillCard({ page, session, drill, throwsLeft, children }: Props) {
  const book = useBook();
  const today = useToday();
  const { athlete, limits } = page;
  const notes = session.events
    .filter((event) => event.kind === 'noted')
    .filter((note) => note.drill === drill.id);
  return (
    <>
      {drill.throws && throwsLeft <= 0 ? (
        <Notice alert>{restWords(limits, today) ?? texts.todaysThrowsAreUsed}</Notice>
      ) : null}
      <LevelPick page={page} drill={drill} />
      {children}
      <FigureOnce key={drill.id} athlete={athlete} drill={drill} figure={book.figure(drill.id)} />
      <Text style={athlete.voice === 'detail' ? null : styles.middle}>
        {athlete.voice === 'detail' ? drillDetail(drill.id, book) : drill.what}
      </Text>
      {drill.caution ? <Notice>{texts.care(drill.caution)}</Notice> : null}
      {notes.map((note) => (
        <View key={note.id} style={styles.note}>
          <Text style={styles.grow}>{texts.noted(note.text)}</Text>
          <IconButton
            icon="close"
            accessibilityLabel={texts.removeTheNote(note.text)}
            onPress={() => session.inSession().takeBack(note.id)}
          />
        </View>
      ))}
      <Seam
        discipline={athlete.discipline}
        findings={noFindings}
        size="tiny"
        label={texts.whatThisDrillWorks}
        marked={drill.targets}
      />
    </>
  );
}

/** The figure of a drill: it stands open the first time, and behind a button from then on. */
function FigureOnce({ athlete, drill, figure }: FigureProps) {
  const dispatch = useAppDispatch();
  const seen = useAppSelector((state) => selectFigureSeen(state, drill.id));
  const [open, setOpen] = useState(!seen);
  useEffect(() => {
    dispatch(figureSeen(drill.id));
  }, [dispatch, drill.id]);
  if (figure === null) return null;
  if (!open)
    return (
      <Button mode="text" icon="human" style={styles.figure} onPress={() => setOpen(true)}>
        {texts.showTheFigure}
      </Button>
    );
  return (
    <DrillOnTap
      drill={figure}
      name={drill.name}
      hand={athlete.throws}
      discipline={athlete.discipline}
      width={220}
      height={130}
    />
  );
}

interface FigureProps {
  athlete: WorkPage['athlete'];
  drill: Drill;
  figure: string | null;
}

const styles = StyleSheet.create({
  grow: { flex: 1, minWidth: 0 },
  middle: { textAlign: 'center' },
  figure: { alignSelf: 'center' },
  note: { flexDirection: 'row', alignItems: 'center' },
});
