import { painOn } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { nothingHurts, PainPicks, painSaid } from '../../ui/form/PainPicks';
import type { Home } from './useHome';

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
        <Notice alert>
          {`Pain in the ${marked.site} is marked today. Stop, tell your instructor, and ask a licensed clinician before going on.`}
        </Notice>
      ) : marked ? (
        <Text>{`Marked today: soreness ${marked.score} of 10, ${marked.site}.`}</Text>
      ) : null}
      {open ? (
        <Card>
          <PainPicks value={answer} onChange={setAnswer} />
          <View style={styles.row}>
            <Button mode="contained" disabled={answer.level === 'none' || !painSaid(answer)} onPress={save}>
              Mark it
            </Button>
            <Button mode="text" onPress={() => setOpen(false)}>
              Cancel
            </Button>
          </View>
        </Card>
      ) : (
        <Button mode="outlined" icon="alert-outline" style={styles.start} onPress={() => setOpen(true)}>
          Something hurts
        </Button>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
