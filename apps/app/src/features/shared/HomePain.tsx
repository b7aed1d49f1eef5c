import { painOn } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { nothingHurts, PainPicks, painSaid } from '../../ui/form/PainPicks';
import type { Home } from './useHome';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Marks pain at home; the instructor sees it at once. */
export function HomePain({ home, today }: { home: Home; today: string }) {
  const [open, setOpen] = useState(false);
  const [answer, setAnswer] = useState(nothingHurts);
  const marked = painOn(home.home.pain, today);
  const save = () => {
    home.log('pain-marked', answer);
    setOpen(false);
    setAnswer(nothingHurts);
  };
  return (
    <>
      {marked?.level === 'pain' ? (
        <Notice alert>{texts.painIn(marked.site)}</Notice>
      ) : marked ? (
        <Text>{texts.markedTodaySorenessOf(marked.score, marked.site)}</Text>
      ) : null}
      {open ? (
        <Card>
          <PainPicks value={answer} onChange={setAnswer} />
          <View style={styles.row}>
            <Button mode="contained" disabled={answer.level === 'none' || !painSaid(answer)} onPress={save}>
              {texts.save}
            </Button>
            <Button mode="text" onPress={() => setOpen(false)}>
              {texts.cancel}
            </Button>
          </View>
        </Card>
      ) : (
        <Button mode="outlined" icon="alert-outline" style={styles.start} onPress={() => setOpen(true)}>
          {texts.somethingHurts}
        </Button>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
