import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { usePreferences } from '../../store/usePreferences';
import { soundSwitched, themeChosen, type ThemeChoice } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { ApproachFields } from '../../ui/form/ApproachFields';
import { Choices } from '../../ui/form/Choices';
import { handNames } from '../../ui/words/kindWords';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { Section } from '../../ui/Section/Section';
import { useWide } from '../../ui/hooks/useWide';
import { officeParts, type OfficePart } from './parts';
import { Calls } from './Calls';
import { OfficeLinks } from './OfficeLinks';
import { SignOut } from './SignOut';
import { selectSound, selectTheme } from '../../store/selectors';

const strikeShares = [0.5, 0.55, 0.6, 0.65, 0.7];

function ThisDevice() {
  const dispatch = useAppDispatch();
  const theme = useAppSelector(selectTheme);
  const sound = useAppSelector(selectSound);
  return (
    <View style={styles.part}>
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
    </View>
  );
}

function Yours() {
  const { person } = useMe();
  const { save } = usePreferences();
  return (
    <View style={styles.part}>
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
    </View>
  );
}

function YourApproach() {
  const { person } = useMe();
  const { save } = usePreferences();
  return (
    <View style={styles.part}>
      <Text>Holds for every athlete unless their own page says otherwise.</Text>
      <ApproachFields value={person.approach} onChange={(approach) => save({ approach })} unset="Default" />
      <Choices
        label="Results are good from this share of strikes on"
        shown
        value={person.goodStrikes}
        onChange={(goodStrikes) => save({ goodStrikes })}
        options={strikeShares.map((value) => ({ value, text: `${Math.round(100 * value)} %` }))}
      />
    </View>
  );
}

const About = () => (
  <Text variant="bodySmall">
    Wrightonic helps to plan practice. It is not a medical device and gives no diagnosis of an injury. Local
    rules for throws win where they are stricter.
  </Text>
);

const contents: Record<OfficePart, () => React.ReactNode> = {
  you: Yours,
  device: ThisDevice,
  approach: YourApproach,
  calls: Calls,
  account: () => (
    <View style={styles.part}>
      <SignOut />
      <About />
    </View>
  ),
};

/** The instructor's own settings: one part beside the list where there is room, all of them to unfold on a phone. */
export function Office() {
  const { person, academy } = useMe();
  const wide = useWide();
  const { error } = usePreferences();
  const { part } = useLocalSearchParams<{ part?: string }>();
  const shown = officeParts.find(({ id }) => id === part) ?? officeParts[0]!;
  const Shown = contents[shown.id];
  return (
    <Screen title={wide ? shown.name : 'Office'}>
      <Text>{`${person.name}, ${person.role} at ${academy.name}`}</Text>
      {error ? <ErrorNotice error={error} /> : null}
      {wide ? (
        <Shown />
      ) : (
        <>
          {officeParts.map(({ id, name, what }) => {
            const Content = contents[id];
            return (
              <Section key={id} title={name} told={what}>
                <Content />
              </Section>
            );
          })}
          <OfficeLinks />
        </>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({ part: { gap: 12 } });
