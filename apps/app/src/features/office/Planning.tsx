import { academyPlanning, check, type AcademyPlanning } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { Figure } from '../../ui/form/Figure';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';

const back = { label: 'Back to the office', to: '/office' } as const;

/** What holds for every plan of the academy. */
export function Planning() {
  const { data, error, refetch } = lazyEndpoints.usePlanningQuery();
  if (!data)
    return (
      <Screen title="Planning" back={back}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what="Reading what the academy settled" />
        )}
      </Screen>
    );
  return <Settled key={JSON.stringify(data)} stored={data} />;
}

/** A figure that may be left out; what is no number stays as it is, to be refused by name. */
const figure = (text: string): number | null => (text.trim() === '' ? null : Number(text));

function Settled({ stored }: { stored: AcademyPlanning }) {
  const { person } = useMe();
  const [weekThrows, setWeekThrows] = useState(String(stored.weekThrows ?? ''));
  const [buildUpWeeks, setBuildUpWeeks] = useState(String(stored.buildUpWeeks ?? ''));
  const [rampPercent, setRampPercent] = useState(String(stored.rampPercent));
  const [carryDays, setCarryDays] = useState(String(stored.carryDays));
  const [allHard, setAllHard] = useState(stored.allHard);
  const [things, setThings] = useState(stored.equipment.join(', '));
  const [save, { error, isLoading, isSuccess }] = lazyEndpoints.useSavePlanningMutation();
  const wish = {
    equipment: [
      ...new Set(
        things
          .split(/[,;\n]/)
          .map((thing) => thing.trim())
          .filter(Boolean),
      ),
    ],
    weekThrows: figure(weekThrows),
    buildUpWeeks: figure(buildUpWeeks),
    rampPercent: Number(rampPercent),
    carryDays: Number(carryDays),
    allHard,
  };
  const { problems = [] } = check(academyPlanning, wish);
  const wrong = (field: keyof AcademyPlanning) => problems.some((each) => each.field.startsWith(field));
  const own = person.role === 'owner';
  return (
    <Screen title="Planning" back={back}>
      {own ? null : <Notice>Only the owner of the academy changes this.</Notice>}
      <Card>
        <Heading>Throws</Heading>
        <View style={styles.row}>
          <Figure
            label="Throws a week, at most"
            value={weekThrows}
            onChange={setWeekThrows}
            wrong={wrong('weekThrows')}
          />
        </View>
        <Text variant="bodySmall">Left empty: three times the day’s maximum of each athlete.</Text>
        <View style={styles.row}>
          <Figure
            label="Rise that is shown as a warning, percent"
            value={rampPercent}
            onChange={setRampPercent}
            wrong={wrong('rampPercent')}
          />
        </View>
        <Text variant="bodySmall">
          Against the average of the four weeks before, from 30 throws on. The science on such ratios is
          disputed.
        </Text>
        <Choices
          label="Throws below 80 % effort"
          shown
          value={allHard ? 'hard' : 'easy'}
          onChange={(value) => setAllHard(value === 'hard')}
          options={[
            { value: 'easy', text: 'Count half of a hard one' },
            { value: 'hard', text: 'Count as hard ones' },
          ]}
        />
      </Card>
      <Card>
        <Heading>Looks</Heading>
        <View style={styles.row}>
          <Figure
            label="Days a grade is carried into later looks"
            value={carryDays}
            onChange={setCarryDays}
            wrong={wrong('carryDays')}
          />
        </View>
        <Text variant="bodySmall">
          A checkpoint that was not looked at again counts so long. 0: every look stands by itself.
        </Text>
      </Card>
      <Card>
        <Heading>Build-up after a lay-off</Heading>
        <View style={styles.row}>
          <Figure
            label="Weeks of build-up"
            value={buildUpWeeks}
            onChange={setBuildUpWeeks}
            wrong={wrong('buildUpWeeks')}
          />
        </View>
        <Text variant="bodySmall">Left empty: half the lay-off, two to six weeks.</Text>
      </Card>
      <Card>
        <Heading>What there is at the academy</Heading>
        <TextInput
          mode="outlined"
          multiline
          label="Things, with commas between"
          aria-label="Things at the academy"
          value={things}
          onChangeText={setThings}
          error={wrong('equipment')}
        />
      </Card>
      {problems.map(({ message }) => (
        <Notice key={message}>{message}</Notice>
      ))}
      {error ? <ErrorNotice error={error} /> : null}
      {isSuccess ? <Text role="status">Saved. Plans that are made from now on keep to it.</Text> : null}
      <Button
        mode="contained"
        loading={isLoading}
        disabled={!own || problems.length > 0}
        contentStyle={{ minHeight: 48 }}
        onPress={() => void save(wish)}
      >
        Save
      </Button>
    </Screen>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
