import type { CampRecord } from '@wrightonic/contract';
import { placesAt, type CampBlock } from '@wrightonic/core';
import { StyleSheet } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { calledIn } from '../useCamp';
import type { Draft } from './useDraft';
import { isPinned } from './usePlanning';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { Dialog } from '../../../ui/Dialog/Dialog';

interface Props {
  camp: CampRecord;
  draft: Draft;
  slot: CampBlock;
  athlete: string;
  onClose: () => void;
}

const needWords = [texts.notNeeded, 'needed', texts.neededMuch, texts.neededMost];

/** Where somebody goes in a slot, with how much they need each station and the places that are left. */
export function MoveSheet({ camp, draft, slot, athlete, onClose }: Props) {
  const member = camp.members.find(({ id }) => id === athlete);
  if (!member) return null;
  const t = camp.plan!.slots.indexOf(slot.id);
  const at = (id: string) => draft.routes.find((route) => route.athlete === id)?.stations[t] ?? null;
  const here = at(athlete);
  const count = (station: string) => draft.routes.filter((route) => route.stations[t] === station).length;
  const pinned = isPinned(draft.pinned, athlete, slot.id);
  const visits = (station: string) =>
    draft.routes
      .find((route) => route.athlete === athlete)
      ?.stations.filter((each, u) => each === station && u !== t).length ?? 0;
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{`${calledIn(camp, true)(athlete)}, ${slot.start}`}</Dialog.Title>
        <Dialog.ScrollArea style={styles.list}>
          {camp.setup.stations.map((station) => {
            const left = placesAt(station) - count(station.id);
            const before = visits(station.id);
            return (
              <PressableCard
                key={station.id}
                chosen={station.id === here}
                style={styles.one}
                onPress={() => {
                  draft.move(athlete, slot.id, station.id);
                  onClose();
                }}
              >
                <Text variant="labelLarge">{station.name}</Text>
                <Text variant="bodySmall">
                  {[
                    needWords[member.needs[station.id] ?? 0],
                    station.id === here ? texts.isHere : left > 0 ? texts.free(left) : 'full',
                    ...(before ? [before === 1 ? texts.oneMoreVisit : texts.moreVisits(before)] : []),
                    ...(member.barred.includes(station.id) ? [texts.cannotBeThere] : []),
                  ].join(' · ')}
                </Text>
              </PressableCard>
            );
          })}
        </Dialog.ScrollArea>
        <Dialog.Actions style={styles.actions}>
          {here ? (
            <Button
              icon="pin"
              onPress={() => {
                draft.pin(athlete, slot.id, !pinned);
                onClose();
              }}
            >
              {pinned ? texts.unpin : texts.pinHere}
            </Button>
          ) : null}
          <Button onPress={onClose}>{texts.cancel}</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { width: '92%', maxWidth: 460, alignSelf: 'center', maxHeight: '90%' },
  list: { gap: 6, paddingVertical: 8, overflow: 'scroll' },
  one: { minHeight: 48 },
  actions: { justifyContent: 'space-between' },
});
