import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { dayWords } from '../../ui/words/days';
import { Heading } from '../../ui/Screen/Screen';
import type { Home } from './useHome';
import { addDays } from '@wrightonic/core';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const maxPitches = 200;

/** Pitches thrown in games, of whatever team: they count with all the rest. */
export function GamePitches({ home, today }: { home: Home; today: string }) {
  const [date, setDate] = useState(today);
  const [pitches, setPitches] = useState('');
  const [title, setTitle] = useState('');
  const count = Number(pitches);
  const fits = /^\d+$/.test(pitches.trim()) && count >= 1 && count <= maxPitches;
  const save = () => {
    home.log('game-pitched', { date, pitches: count, title: title.trim() || texts.game });
    setPitches('');
    setTitle('');
  };
  return (
    <Card>
      <Heading>{texts.pitchedInAGame}</Heading>
      <Text>{texts.everyPitchCounts}</Text>
      <Choices
        label={texts.dayOfTheGame}
        value={date}
        onChange={setDate}
        options={[0, -1, -2].map((back) => {
          const value = addDays(today, back);
          return { value, text: dayWords(value, today) };
        })}
      />
      <View style={styles.row}>
        <TextField
          label={texts.pitches}
          inputMode="numeric"
          style={styles.count}
          value={pitches}
          onChange={setPitches}
          wrong={pitches !== '' && !fits}
          atMost={4}
        />
        <TextField
          label={texts.teamOrGameOptional}
          name={texts.teamOrGame}
          style={styles.grow}
          value={title}
          onChange={setTitle}
          atMost={80}
        />
      </View>
      {pitches !== '' && !fits ? <Text role="alert">{texts.pitchesAWholeNumber(maxPitches)}</Text> : null}
      <Button mode="contained-tonal" style={styles.start} disabled={!fits} onPress={save}>
        {texts.savePitches}
      </Button>
      {home.home.games.map((game) => (
        <View key={`${game.date} ${game.title}`} style={styles.row}>
          <Text style={styles.grow}>
            {texts.pitches2(dayWords(game.date, today), game.pitches, game.title)}
          </Text>
          <Button
            mode="text"
            compact
            accessibilityLabel={texts.removePitches(game.title, game.pitches)}
            onPress={() => home.log('game-pitched', { ...game, pitches: 0 })}
          >
            {texts.remove}
          </Button>
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  count: { width: 110 },
  grow: { flex: 1, minWidth: 0 },
  start: { alignSelf: 'flex-start' },
});
