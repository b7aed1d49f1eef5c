import { router, useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useColours } from '../../theme/theme';
import { useWide } from '../../ui/hooks/useWide';
import { Pane } from '../../ui/Screen/Pane';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { Ready } from './Ready';
import { RosterList } from './RosterList';
import { RosterTable } from './table/RosterTable';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const Actions = () => (
  <>
    <Button mode="text" compact onPress={() => router.navigate('/roster/progress')}>
      {texts.progress}
    </Button>
    <Button mode="text" compact onPress={() => router.navigate('/roster/import')}>
      {texts.importRoster}
    </Button>
    <Button mode="contained" icon="plus" onPress={() => router.navigate('/athletes/new')}>
      {texts.addAthlete}
    </Button>
  </>
);

/** Everyone: cards on a phone, beside them a table where there is room. */
export function Roster() {
  const { search } = useLocalSearchParams<{ search?: string }>();
  const wide = useWide();
  const own = useColours();
  if (!wide)
    return (
      <View style={styles.root} role="main">
        <PageTitle>{texts.roster}</PageTitle>
        <RosterList
          searching={search !== undefined}
          head={
            <>
              <TitleRow title={texts.roster} />
              <View style={styles.actions}>
                <Actions />
              </View>
              <Ready />
            </>
          }
        />
      </View>
    );
  return (
    <View style={styles.beside}>
      <View style={[styles.list, { borderColor: own.line }]} role="complementary" aria-label={texts.cards}>
        <RosterList searching={search !== undefined} />
      </View>
      <View style={styles.root} role="main">
        <PageTitle>{texts.roster}</PageTitle>
        <Pane maxWidth={1400}>
          <TitleRow title={texts.roster} action={<Actions />} />
          <Ready />
          <RosterTable />
        </Pane>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minWidth: 0, minHeight: 0 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  beside: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: 340, borderRightWidth: 1 },
});
