import { router } from 'expo-router';
import { View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { usePreferences } from '../../store/usePreferences';
import { soundSwitched, themeChosen, type ThemeChoice } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { ApproachFields } from '../../ui/form/ApproachFields';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { handNames } from '../../ui/words/kindWords';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { Calls } from './Calls';
import { SignOut } from './SignOut';
import { selectSound, selectTheme } from '../../store/selectors';

const strikeShares = [0.5, 0.55, 0.6, 0.65, 0.7];

function ThisDevice() {
  const dispatch = useAppDispatch();
  const theme = useAppSelector(selectTheme);
  const sound = useAppSelector(selectSound);
  return (
    <Card>
      <Heading>This device</Heading>
      <Choices<ThemeChoice>
        label="Theme"
        shown
        value={theme}
        onChange={(choice) => dispatch(themeChosen(choice))}
        options={[
          { value: 'auto', text: 'As the device' },
          { value: 'day', text: 'Day' },
          { value: 'lights', text: 'Lights' },
        ]}
      />
      <Choices
        label="Beep after a hold"
        shown
        value={sound ? 'on' : 'off'}
        onChange={(choice) => dispatch(soundSwitched(choice === 'on'))}
        options={[
          { value: 'on', text: 'On' },
          { value: 'off', text: 'Off' },
        ]}
      />
    </Card>
  );
}

function Yours() {
  const { person } = useMe();
  const { save } = usePreferences();
  return (
    <Card>
      <Heading>Yours</Heading>
      <Choices
        label="Hand that holds the phone"
        shown
        value={person.hand}
        onChange={(hand) => save({ hand })}
        options={[
          { value: 'R', text: handNames.R },
          { value: 'L', text: handNames.L },
        ]}
      />
      <Choices
        label="Velocity in"
        shown
        value={person.velocityUnit}
        onChange={(velocityUnit) => save({ velocityUnit })}
        options={[
          { value: 'mph', text: 'mph' },
          { value: 'km/h', text: 'km/h' },
        ]}
      />
      <Choices
        label="Lengths and weights in"
        shown
        value={person.sizeUnit}
        onChange={(sizeUnit) => save({ sizeUnit })}
        options={[
          { value: 'us', text: 'ft, in and lb' },
          { value: 'metric', text: 'cm and kg' },
        ]}
      />
      <Choices
        label="Dates"
        shown
        value={person.dateOrder}
        onChange={(dateOrder) => save({ dateOrder })}
        options={[
          { value: 'auto', text: 'As the device' },
          { value: 'month-day', text: 'May 23' },
          { value: 'day-month', text: '23 May' },
        ]}
      />
      <Choices
        label="Time of day"
        shown
        value={person.hours}
        onChange={(hours) => save({ hours })}
        options={[
          { value: 'auto', text: 'As the device' },
          { value: '12', text: '4:30 PM' },
          { value: '24', text: '16:30' },
        ]}
      />
      <Choices
        label="Strike zone seen by"
        shown
        value={person.zoneView}
        onChange={(zoneView) => save({ zoneView })}
        options={[
          { value: 'pitcher', text: 'the pitcher' },
          { value: 'catcher', text: 'the catcher' },
        ]}
      />
    </Card>
  );
}

function YourApproach() {
  const { person } = useMe();
  const { save } = usePreferences();
  return (
    <Card>
      <Heading>Your approach</Heading>
      <Text>Holds for every athlete unless their own page says otherwise.</Text>
      <ApproachFields value={person.approach} onChange={(approach) => save({ approach })} unset="Default" />
      <Choices
        label="Results are good from this share of strikes on"
        shown
        value={person.goodStrikes}
        onChange={(goodStrikes) => save({ goodStrikes })}
        options={strikeShares.map((value) => ({ value, text: `${Math.round(100 * value)} %` }))}
      />
    </Card>
  );
}

/** What has a screen of its own. */
function Further() {
  return (
    <>
      <Card>
        <Heading>What causes what</Heading>
        <Text>The links behind every trace: weights, links of your own, links switched off.</Text>
        <Button
          mode="outlined"
          onPress={() => router.navigate('/office/links')}
          style={{ alignSelf: 'flex-start' }}
        >
          Open the links
        </Button>
      </Card>
      <Card>
        <Heading>Planning and words</Heading>
        <Text>
          Rules for every weekly plan, the words that tag notes, and the ranges that count as usual.
        </Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Button mode="outlined" onPress={() => router.navigate('/office/planning')}>
            Planning
          </Button>
          <Button mode="outlined" onPress={() => router.navigate('/office/words')}>
            Words
          </Button>
          <Button mode="outlined" onPress={() => router.navigate('/office/norms')}>
            Norms
          </Button>
        </View>
      </Card>
      <Card>
        <Heading>Radar lines</Heading>
        <Text>Instruments that send their readings here by themselves, each with a key of its own.</Text>
        <Button
          mode="outlined"
          onPress={() => router.navigate('/office/devices')}
          style={{ alignSelf: 'flex-start' }}
        >
          Devices
        </Button>
      </Card>
    </>
  );
}

/** The instructor's own settings. */
export function Office() {
  const { person, academy } = useMe();
  const { error } = usePreferences();
  return (
    <Screen title="Office">
      <Text variant="bodyLarge">{`${person.name}, ${person.role} at ${academy.name}`}</Text>
      {error ? <ErrorNotice error={error} /> : null}
      <ThisDevice />
      <Yours />
      <YourApproach />
      <Further />
      <Calls />
      <SignOut />
      <Text variant="bodySmall">
        Wrightonic helps to plan practice. It is not a medical device and gives no diagnosis of an injury.
        Local rules for throws win where they are stricter.
      </Text>
    </Screen>
  );
}
