import {
  leastWeight,
  mayCause,
  mayFollow,
  mostWeight,
  nodeName,
  nodesFor,
  type Discipline,
  type LinkState,
  type Node,
} from '@wrightonic/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { HelperText, Portal, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { PickOne } from '../../ui/form/PickOne';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  discipline: Discipline;
  /** Null adds one. */
  link: LinkState | null;
  onClose: () => void;
}

const named = (nodes: readonly Node[]) => nodes.map(({ id, name }) => ({ value: id, text: name }));

const startWeight = '0.40';
const step = 0.05;

const read = (text: string): number => {
  const plain = text.trim().replace(',', '.');
  return /^\d*\.?\d+$/.test(plain) ? Number(plain) : NaN;
};

/** One link: its weight, off or on, with the reason. */
export function LinkEditor({ discipline, link, onClose }: Props) {
  const [cause, setCause] = useState<string | null>(link?.cause ?? null);
  const [effect, setEffect] = useState<string | null>(link?.effect ?? null);
  const [text, setText] = useState(link?.weight?.toFixed(2) ?? link?.given?.toFixed(2) ?? startWeight);
  const [reason, setReason] = useState('');
  const [edit, { isLoading, error }] = lazyEndpoints.useEditLinkMutation();
  const [id] = useState(() => v7());
  const weight = read(text);
  const fits = weight >= leastWeight && weight <= mostWeight;
  const save = async (to: number | null) => {
    if (!cause || !effect) return;
    const answer = await edit({ id, cause, effect, weight: to, reason: reason.trim() });
    if (!('error' in answer)) onClose();
  };
  const by = (change: number) =>
    setText(
      Math.min(mostWeight, Math.max(leastWeight, (Number.isNaN(weight) ? 0.4 : weight) + change)).toFixed(2),
    );
  const ready = cause !== null && effect !== null && reason.trim() !== '' && !isLoading;
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{link ? texts.changeALink : texts.addALink}</Dialog.Title>
        <Dialog.ScrollArea>
          <ScrollView contentContainerStyle={styles.inside}>
            {link ? (
              <Text>
                <Text variant="labelLarge">{nodeName(link.cause)}</Text>
                {texts.causes(nodeName(link.effect))}
              </Text>
            ) : (
              <>
                <PickOne
                  label={texts.cause}
                  options={named(nodesFor(discipline).filter(mayCause))}
                  value={cause}
                  onPick={setCause}
                />
                <PickOne
                  label={texts.effect}
                  options={named(nodesFor(discipline).filter(mayFollow))}
                  value={effect}
                  onPick={setEffect}
                />
              </>
            )}
            <View style={styles.row}>
              <Button mode="outlined" accessibilityLabel={texts.lessWeight} onPress={() => by(-step)}>
                −
              </Button>
              <TextField
                label={texts.weight}
                value={text}
                onChange={setText}
                inputMode="decimal"
                style={styles.grow}
              />
              <Button mode="outlined" accessibilityLabel={texts.moreWeight} onPress={() => by(step)}>
                +
              </Button>
            </View>
            <HelperText type={fits ? 'info' : 'error'} role={fits ? undefined : 'alert'}>
              {fits
                ? texts.aSevereCauseAlone(
                    Math.round(100 * weight),
                    link?.given ? texts.theCatalogueHas(link.given.toFixed(2)) : '',
                  )
                : texts.weightMustBe(leastWeight, mostWeight)}
            </HelperText>
            <TextField
              label={texts.why}
              name={texts.whyIsTheLink}
              value={reason}
              onChange={setReason}
              atMost={300}
            />
            {error ? <ErrorNotice error={error} /> : null}
          </ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions style={styles.actions}>
          <Button onPress={onClose}>{texts.cancel}</Button>
          {link && link.weight !== null ? (
            <Button mode="outlined" disabled={!ready} onPress={() => void save(null)}>
              {texts.switchOff}
            </Button>
          ) : null}
          <Button
            mode="contained"
            disabled={!ready || !fits}
            loading={isLoading}
            onPress={() => void save(weight)}
          >
            {link ? (link.weight === null ? texts.switchOn : texts.saveTheWeight) : texts.addIt}
          </Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 520, width: '94%', alignSelf: 'center', maxHeight: '88%' },
  inside: { gap: 8, paddingVertical: 8 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  actions: { flexWrap: 'wrap' },
});
