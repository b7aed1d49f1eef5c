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
import { Account } from './staff/Account';
import { selectSound, selectTheme } from '../../store/selectors';
import { texts } from './texts';

const strikeShares = [0.5, 0.55, 0.6, 0.65, 0.7];

function ThisDevice() {
  const dispatch = useAppDispatch();
  const theme = useAppSelector(selectTheme);
  const sound = useAppSelector(selectSound);
  return (
    <View style={styles.part}>
      <Choices<ThemeChoice>
        label={texts.theme}
        shown
        value={theme}
        onChange={(choice) => dispatch(themeChosen(choice))}
        options={[
          { value: 'auto', text: texts.asTheDevice },
          { value: 'day', text: texts.day },
          { value: 'lights', text: texts.lights },
        ]}
      />
      <Choices
        label={texts.beepAfterAHold}
        shown
        value={sound ? 'on' : 'off'}
        onChange={(choice) => dispatch(soundSwitched(choice === 'on'))}
        options={[
          { value: 'on', text: texts.onWord },
          { value: 'off', text: texts.off },
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
        label={texts.handThatHolds}
        shown
        value={person.hand}
        onChange={(hand) => save({ hand })}
        options={[
          { value: 'R', text: handNames.R },
          { value: 'L', text: handNames.L },
        ]}
      />
      <Choices
        label={texts.velocityIn}
        shown
        value={person.velocityUnit}
        onChange={(velocityUnit) => save({ velocityUnit })}
        options={[
          { value: 'mph', text: texts.mph },
          { value: 'km/h', text: texts.kmh },
        ]}
      />
      <Choices
        label={texts.lengthsAndWeightsIn}
        shown
        value={person.sizeUnit}
        onChange={(sizeUnit) => save({ sizeUnit })}
        options={[
          { value: 'us', text: texts.ftInAndLb },
          { value: 'metric', text: texts.cmAndKg },
        ]}
      />
      <Choices
        label={texts.dates}
        shown
        value={person.dateOrder}
        onChange={(dateOrder) => save({ dateOrder })}
        options={[
          { value: 'auto', text: texts.asTheDevice },
          { value: 'month-day', text: texts.may },
          { value: 'day-month', text: texts.may2 },
        ]}
      />
      <Choices
        label={texts.timeOfDay}
        shown
        value={person.hours}
        onChange={(hours) => save({ hours })}
        options={[
          { value: 'auto', text: texts.asTheDevice },
          { value: '12', text: texts.pm },
          { value: '24', text: '16:30' },
        ]}
      />
      <Choices
        label={texts.strikeZoneSeenBy}
        shown
        value={person.zoneView}
        onChange={(zoneView) => save({ zoneView })}
        options={[
          { value: 'pitcher', text: texts.thePitcher },
          { value: 'catcher', text: texts.theCatcher },
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
      <Text>{texts.appliesToEveryAthlete}</Text>
      <ApproachFields
        value={person.approach}
        onChange={(approach) => save({ approach })}
        unset={texts.defaultWord}
      />
      <Choices
        label={texts.resultsCountAsGood}
        shown
        value={person.goodStrikes}
        onChange={(goodStrikes) => save({ goodStrikes })}
        options={strikeShares.map((value) => ({ value, text: `${Math.round(100 * value)} %` }))}
      />
    </View>
  );
}

const contents: Record<OfficePart, () => React.ReactNode> = {
  you: Yours,
  device: ThisDevice,
  approach: YourApproach,
  calls: Calls,
  account: Account,
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
    <Screen title={wide ? shown.name : texts.office}>
      <Text>{texts.at(person.name, person.role, academy.name)}</Text>
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
