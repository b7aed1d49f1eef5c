import type { OwnDrillRecord } from '@wrightonic/contract';
import type { Drill } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, dayWords } from '../../ui/words/days';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Makes a drill the academy's own, changes one that is, or takes it out of what is given. */
export function OurOwn({ drill, kept }: { drill: Drill; kept: OwnDrillRecord | null }) {
  const today = useToday();
  const { academy } = useMe();
  const [keep, { error, isLoading }] = lazyEndpoints.useKeepDrillsMutation();
  const copy = (
    <Button
      mode={kept ? 'text' : 'outlined'}
      icon="content-copy"
      onPress={() => router.navigate(`/drills/new?from=${drill.id}`)}
    >
      {texts.makeOurOwnVersion}
    </Button>
  );
  if (!kept) return <View style={styles.row}>{copy}</View>;
  return (
    <Card>
      <Heading>{texts.ourOwnDrill}</Heading>
      <Text>
        {texts.retiredCurrentPlansKeep(kept.retired, kept.by, dayWords(dayAt(kept.at, academy.zone), today))}
      </Text>
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="outlined" icon="pencil" onPress={() => router.navigate(`/drills/${drill.id}?edit=1`)}>
          {texts.editDrill}
        </Button>
        <Button
          mode="outlined"
          loading={isLoading}
          onPress={() => void keep({ drills: [{ id: v7(), drill: kept.drill, retired: !kept.retired }] })}
        >
          {kept.retired ? texts.restoreDrill : texts.retireDrill}
        </Button>
        {copy}
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
