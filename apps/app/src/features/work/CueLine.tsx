import type { WorkPage } from '@wrightonic/contract';
import { cueIn, liveCue, mostCuesASession, shortVoice, type Drill } from '@wrightonic/core';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { useBook } from '../../ui/hooks/useBook';
import { Icon } from '../../ui/Icon/Icon';
import { Notice } from '../../ui/Notice/Notice';
import { CueSheet } from './CueSheet';
import { cuesOfDrill } from './session';
import type { Session } from './useSession';
import { texts } from './texts';

interface Props {
  page: WorkPage;
  session: Session;
  drill: Drill;
}

/** The one cue of a drill; a tap changes it. */
export function CueLine({ page, session, drill }: Props) {
  const book = useBook();
  const own = useColours();
  const [changing, setChanging] = useState(false);
  // The full explanation stands below; while working one line is enough.
  const cue = liveCue(drill.id, page.cues)?.text ?? cueIn(drill.id, shortVoice(page.athlete.voice), book);
  const began = session.events.find(({ kind }) => kind === 'pain' || kind === 'rep')?.at;
  const cuesHere = began ? page.cues.filter(({ at }) => at >= began).length : 0;
  return (
    <View style={styles.root}>
      <Pressable
        role="button"
        aria-label={texts.changeCue(cue)}
        onPress={() => setChanging(true)}
        style={styles.cue}
      >
        <Text variant="headlineMedium" style={styles.text}>{`“${cue}”`}</Text>
        <Icon name="pencil" size={18} colour={own.dusk} />
      </Pressable>
      {cuesHere > mostCuesASession ? <Notice>{texts.thatIsNewCues(cuesHere)}</Notice> : null}
      {changing ? (
        <CueSheet
          drill={drill}
          lines={cuesOfDrill(page, drill.id, book, session)}
          onCue={(text, whose) => session.chooseCue(drill.id, text, whose)}
          onClose={() => setChanging(false)}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { paddingHorizontal: 16, gap: 6 },
  cue: { flexDirection: 'row', alignItems: 'center', justifyContent: 'center', gap: 8, minHeight: 48 },
  text: { textAlign: 'center', flexShrink: 1 },
});
