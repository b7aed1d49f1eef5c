import type { OwnDrillRecord } from '@wrightonic/contract';
import { cueIn, listed, nodeName, partNames, voices, type Drill, type Hand } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { useBook } from '../../ui/hooks/useBook';
import { DrillInMotion } from '../../ui/body/DrillInMotion';
import { Choices } from '../../ui/form/Choices';
import { handNames, voiceNames } from '../../ui/words/kindWords';
import { Empty, Notice } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { threadNames } from '../../ui/words/threadWords';
import { useWide } from '../../ui/hooks/useWide';
import { Compare } from './Compare';
import { Part } from './Part';
import { OurOwn } from './OurOwn';
import { doseOf, effortWords, needsWords, servesWords } from './drillWords';

/** One drill in full; `kept` where it is the academy's own. */
export function DrillPane({ id, kept }: { id: string; kept: OwnDrillRecord | null }) {
  const drill = useBook().drill(id);
  return drill ? (
    <Known drill={drill} kept={kept} />
  ) : (
    <Empty>There is no drill by this name. It may have been taken out.</Empty>
  );
}

function Known({ drill, kept }: { drill: Drill; kept: OwnDrillRecord | null }) {
  const book = useBook();
  const wide = useWide();
  const { person } = useMe();
  const [hand, setHand] = useState<Hand>(person.hand);
  const page = book.page(drill.id);
  const tags = book.cues(drill.id)?.tags ?? [];
  return (
    <Screen title={drill.name} back={wide ? null : { label: 'Back', to: '/drills' }}>
      <Text>{`${drill.stage} · ${threadNames[drill.thread].toLowerCase()} · ${
        drill.discipline === 'both' ? 'overhand and windmill' : drill.discipline
      } · from age ${drill.minAge}`}</Text>
      {book.figure(drill.id) ? (
        <View style={styles.figure}>
          <DrillInMotion
            drill={book.figure(drill.id)}
            name={drill.name}
            hand={hand}
            discipline={drill.discipline === 'windmill' ? 'windmill' : 'overhand'}
            width={340}
            height={200}
          />
          <Choices
            label="Throwing hand"
            value={hand}
            onChange={setHand}
            options={(['L', 'R'] as const).map((value) => ({ value, text: `${handNames[value]}-handed` }))}
          />
        </View>
      ) : null}
      <Text variant="bodyLarge">{drill.what}</Text>
      {drill.caution ? <Notice>{`Care: ${drill.caution}`}</Notice> : null}
      {page ? (
        <>
          <Part title="Set-up">
            <Text>{page.setUp}</Text>
          </Part>
          <Part title="One rep">
            {page.steps.map((step, n) => (
              <Text key={step}>{`${n + 1}. ${step}`}</Text>
            ))}
          </Part>
          {drill.levels ? (
            <Part title="Levels">
              {drill.levels.map(({ name, change }, n) => (
                <Text key={name}>
                  <Text variant="labelLarge">{`${n + 1}. ${name}`}</Text>
                  {`: ${change}`}
                </Text>
              ))}
            </Part>
          ) : null}
          <Part title="What good looks like">
            <Text>{page.good}</Text>
          </Part>
          <Part title="Common mistakes">
            {page.mistakes.map((mistake) => (
              <Text key={mistake}>{`· ${mistake}`}</Text>
            ))}
            {page.workaround ? (
              <Text>{`The way round it: ${page.workaround.seen} (${nodeName(page.workaround.flaw).toLowerCase()}).`}</Text>
            ) : null}
          </Part>
          <Part title="In the delivery">
            {page.holds.length ? (
              <Text>{`Holds ${listed(page.holds.map((part) => partNames[part]))}.`}</Text>
            ) : (
              <Text>No part of the delivery; it makes a body that can do one.</Text>
            )}
            {page.leavesOut ? (
              <Text variant="labelLarge">{`Leaves out ${partNames[page.leavesOut]}: that comes in the next stage.`}</Text>
            ) : null}
          </Part>
        </>
      ) : null}
      <Part title="Cues">
        {voices.map((voice) => (
          <View key={voice}>
            <Text variant="labelMedium">{voiceNames[voice]}</Text>
            {voice === 'detail' ? (
              <Text>{cueIn(drill.id, voice, book)}</Text>
            ) : (
              <Text variant="titleSmall">{`“${cueIn(drill.id, voice, book)}”`}</Text>
            )}
          </View>
        ))}
        {tags.length ? <Text>{`Asks for: ${tags.join(', ')}.`}</Text> : null}
      </Part>
      <Part title="Dose and needs">
        <Text>{`${doseOf(drill)}; effort: ${effortWords(drill)}.`}</Text>
        <Text>{`Needs ${needsWords(drill)}; ${drill.places.join(' or ')}.`}</Text>
        <Text>{`For: ${servesWords(drill)}.`}</Text>
        {drill.avoidWithPainIn.length ? (
          <Text>{`Not with pain in: ${drill.avoidWithPainIn.join(', ')}.`}</Text>
        ) : null}
      </Part>
      <Compare drill={drill} />
      {person.role === 'assistant' ? null : <OurOwn drill={drill} kept={kept} />}
    </Screen>
  );
}

const styles = StyleSheet.create({
  figure: { alignItems: 'center', gap: 8 },
});
