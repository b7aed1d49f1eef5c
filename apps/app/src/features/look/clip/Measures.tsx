import type { Offer } from '@wrightonic/core';
import { type LookPage, type ClipRecord, type DrawingKind } from '@wrightonic/contract';
import {
  clipMeasures,
  clipOffers,
  derivedMeasures,
  drawnDoubts,
  drawnValue,
  eventGrades,
  eventOffers,
  nodeName,
  seenFrom,
  type ClipMeasure,
  type DrawnDoubt,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { withinFrame } from '../../../ui/video/useMoves';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { severityNames } from '../../../ui/seam/words';
import { useWide } from '../../../ui/hooks/useWide';
import { useWhom } from '../../../ui/hooks/useWhom';
import { wholeClip } from './useDrawings';
import { eventName } from '../../../ui/words/clipEvents';
import type { ClipState } from './useClip';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { Dialog } from '../../../ui/Dialog/Dialog';

type Drawing = ClipRecord['drawings'][number];

export const toolNames: Record<DrawingKind, string> = {
  angle: texts.angle,
  line: texts.line,
  length: texts.length,
  scale: texts.scale,
  ground: texts.ground,
};

/** The figure of a drawing, as it is written. */
export function figureWords(drawing: Drawing, clip: ClipRecord): string {
  const scale = clip.drawings.find(({ type }) => type === 'scale');
  const figure = drawnValue(drawing, clip.width / clip.height, scale);
  if (!figure) return drawing.type === 'length' ? texts.needsAScale : '';
  return `${figure.value.toFixed(figure.unit === 'cm' ? 0 : 1)} ${figure.unit === 'deg' ? '°' : 'cm'}`;
}

interface Props {
  athlete: LookPage['athlete'];
  state: ClipState;
}

/** What the clip says for the next look. */
function ForTheLook({ athleteId, offers }: { athleteId: string; offers: readonly Offer[] }) {
  if (offers.length === 0) return null;
  return (
    <>
      <Text variant="labelLarge">{texts.forTheNextLook}</Text>
      {offers.map(({ node, severity, why }) => (
        <Text key={node}>{`${nodeName(node)}: ${severityNames[severity]}. ${why}.`}</Text>
      ))}
      <Button mode="outlined" onPress={() => router.navigate(`/athletes/${athleteId}/look`)}>
        {texts.goToLook}
      </Button>
    </>
  );
}

/** What is drawn, what each drawing measures, and what that says for the look. */
export function Measures({ athlete, state }: Props) {
  const { clip, seek, draw, erase } = state;
  const [naming, setNaming] = useState<string | null>(null);
  const whom = useWhom(athlete);
  const [asked, setAsked] = useState<Asked | null>(null);
  if (!clip) return null;
  const scale = clip.drawings.find(({ type }) => type === 'scale');
  const aspect = clip.width / clip.height;
  const drawn = Object.fromEntries(
    clip.drawings.flatMap((drawing) => {
      const figure = drawing.measure ? drawnValue(drawing, aspect, scale) : null;
      return figure ? [[drawing.measure, figure.value]] : [];
    }),
  );
  const timed = eventGrades(clip.marks, clip, athlete.discipline);
  const offers = [
    ...clipOffers(derivedMeasures(drawn, athlete.heightCm, clip.view), whom, clip.date),
    ...eventOffers(timed, clip.date),
  ];
  const measures = clipMeasures[athlete.discipline];
  const open = measures.filter((each) => seenFrom(each, clip.view));
  const named = clip.drawings.find(({ id }) => id === naming);
  const nameOf = (id: string) => measures.find((each) => each.id === id)?.name ?? '';
  return (
    <Card>
      <Heading level={3}>{texts.anglesAndLengths}</Heading>
      {clip.square ? null : <Notice>{texts.theCameraWasNot}</Notice>}
      {clip.drawings.map((drawing) => (
        <View key={drawing.id} style={styles.drawing}>
          <Text style={styles.grow}>
            <Text variant="labelLarge">{`${drawing.measure ? nameOf(drawing.measure) : toolNames[drawing.type]}: ${figureWords(drawing, clip)}`}</Text>
          </Text>
          <Button mode="text" compact onPress={() => seek(drawing.time + withinFrame)}>
            {texts.show}
          </Button>
          {wholeClip.includes(drawing.type) ? null : (
            <Button
              mode="text"
              compact
              accessibilityLabel={texts.sayWhatTheMeasures(toolNames[drawing.type].toLowerCase())}
              onPress={() => setNaming(naming === drawing.id ? null : drawing.id)}
            >
              {texts.name}
            </Button>
          )}
          <Button
            mode="text"
            compact
            accessibilityLabel={texts.eraseThe(toolNames[drawing.type].toLowerCase())}
            onPress={() => erase(drawing)}
          >
            {texts.erase}
          </Button>
          {asked?.drawing.id === drawing.id ? (
            <View style={styles.root}>
              <AskedFirst
                asked={asked}
                state={state}
                onName={() => {
                  draw({ ...drawing, measure: asked.measure.id });
                  setAsked(null);
                }}
                onClose={() => setAsked(null)}
              />
            </View>
          ) : null}
        </View>
      ))}
      {named ? (
        <NameSheet
          drawing={named}
          options={open.filter(({ type }) => type === named.type)}
          onName={(id) => {
            setNaming(null);
            const measure = open.find((each) => each.id === id);
            const value = drawnValue(named, aspect, scale)?.value ?? null;
            const doubts = measure ? drawnDoubts(measure, { time: named.time, value }, clip) : [];
            if (measure && doubts.length) setAsked({ drawing: named, measure, doubts, value });
            else draw({ ...named, measure: id });
          }}
          onClose={() => setNaming(null)}
        />
      ) : null}
      {clip.drawings.length === 0 ? <Text variant="bodySmall">{texts.chooseAToolUnder}</Text> : null}
      {timed
        .filter(({ severity }) => severity === null)
        .map(({ checkpoint, value, error }) => (
          <Text key={checkpoint} variant="bodySmall">
            {texts.msTooClose(nodeName(checkpoint), Math.round(value), Math.round(error))}
          </Text>
        ))}
      <ForTheLook athleteId={athlete.id} offers={offers} />
    </Card>
  );
}

interface NameProps {
  drawing: Drawing;
  options: readonly ClipMeasure[];
  onName: (id: string) => void;
  onClose: () => void;
}

/** What a drawing measures, as a sheet at the side or at the bottom: the picture stays in sight. */
function NameSheet({ drawing, options, onName, onClose }: NameProps) {
  const wide = useWide();
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={wide ? styles.side : styles.bottom}>
        <Dialog.Title>{texts.whatDoesThisMeasure(toolNames[drawing.type].toLowerCase())}</Dialog.Title>
        <Dialog.ScrollArea>
          <ScrollView contentContainerStyle={styles.inside}>
            <Choices<string>
              label={texts.itMeasures}
              value={drawing.measure}
              onChange={onName}
              options={[
                { value: '', text: texts.notNamed },
                ...options.map(({ id, name }) => ({ value: id, text: name })),
              ]}
            />
          </ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions>
          <Button onPress={onClose}>{texts.cancel}</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

interface Asked {
  drawing: Drawing;
  measure: ClipMeasure;
  doubts: DrawnDoubt[];
  value: number | null;
}

interface AskedProps {
  asked: Asked;
  state: ClipState;
  onName: () => void;
  onClose: () => void;
}

/** Before a drawing counts: is it on the frame of its event, and can a body show this? */
function AskedFirst({ asked: { drawing, measure, doubts, value }, state, onName, onClose }: AskedProps) {
  const event = measure.event && eventName(measure.event);
  const elsewhere = doubts.find(({ kind }) => kind === 'event');
  const odd = doubts.some(({ kind }) => kind === 'range');
  const unit = measure.type === 'length' ? 'cm' : '°';
  return (
    <Notice alert>
      {elsewhere ? (
        <Text>
          {elsewhere.marked === null
            ? texts.isTaken(measure.name, event)
            : texts.isTakenOnTheFrame(measure.name, event)}
        </Text>
      ) : null}
      {odd ? <Text>{texts.isOutsideWhat(value!.toFixed(0), unit, measure.range.join(' to '))}</Text> : null}
      <View style={styles.drawing}>
        {elsewhere && elsewhere.marked === null ? (
          <Button
            mode="contained"
            onPress={() => {
              state.mark(measure.event!, drawing.time);
              onName();
            }}
          >
            {texts.thisFrameIs(event)}
          </Button>
        ) : null}
        {elsewhere && elsewhere.marked !== null ? (
          <Button mode="contained" onPress={() => state.seek(elsewhere.marked! + withinFrame)}>
            {texts.show2(event)}
          </Button>
        ) : null}
        <Button mode="outlined" onPress={onName}>
          {texts.useItAnyway}
        </Button>
        <Button mode="text" onPress={onClose}>
          {texts.cancel}
        </Button>
      </View>
    </Notice>
  );
}

const styles = StyleSheet.create({
  root: { width: '100%' },
  drawing: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
  grow: { flexGrow: 1, flexShrink: 1 },
  side: { width: 400, alignSelf: 'flex-end', maxHeight: '80%' },
  bottom: { width: '94%', alignSelf: 'center', maxHeight: '46%', marginTop: 'auto', marginBottom: 8 },
  inside: { paddingVertical: 12 },
});
