import type { OwnDrillRecord } from '@wrightonic/contract';
import {
  cueIn,
  listed,
  nodeName,
  partNames,
  voices,
  type Drill,
  type DrillPage,
  type Hand,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { useBook } from '../../ui/hooks/useBook';
import { DrillInMotion } from '../../ui/body/DrillInMotion';
import { DrillStages } from '../../ui/body/DrillStages';
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
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

/** One drill in full; `kept` where it is the academy's own. */
export function DrillPane({ id, kept }: { id: string; kept: OwnDrillRecord | null }) {
  const drill = useBook().drill(id);
  return drill ? <Known drill={drill} kept={kept} /> : <Empty>{texts.thereIsNoDrill}</Empty>;
}

function Known({ drill, kept }: { drill: Drill; kept: OwnDrillRecord | null }) {
  const book = useBook();
  const wide = useWide();
  const { person } = useMe();
  const coach = useMay('coach');
  const [hand, setHand] = useState<Hand>(person.hand);
  const page = book.page(drill.id);
  const tags = book.cues(drill.id)?.tags ?? [];
  return (
    <Screen title={drill.name} back={wide ? null : { label: texts.back, to: '/drills' }}>
      <Text>
        {texts.fromAge2(
          drill.stage,
          threadNames[drill.thread].toLowerCase(),
          drill.discipline === 'both' ? texts.overhandAndWindmill : drill.discipline,
          drill.minAge,
        )}
      </Text>
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
            label={texts.throwingHand}
            value={hand}
            onChange={setHand}
            options={(['L', 'R'] as const).map((value) => ({ value, text: `${handNames[value]}-handed` }))}
          />
        </View>
      ) : null}
      <Text variant="bodyLarge">{drill.what}</Text>
      {drill.caution ? <Notice>{texts.care2(drill.caution)}</Notice> : null}
      {page ? <PageParts drill={drill} page={page} hand={hand} /> : null}
      <Part title={texts.cues}>
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
        {tags.length ? <Text>{texts.asksFor(tags.join(', '))}</Text> : null}
      </Part>
      <Part title={texts.doseAndNeeds}>
        <Text>{texts.effort2(doseOf(drill), effortWords(drill))}</Text>
        <Text>{texts.needs2(needsWords(drill), drill.places.join(' or '))}</Text>
        <Text>{texts.forWord(servesWords(drill))}</Text>
        {drill.avoidWithPainIn.length ? (
          <Text>{texts.notWithPainIn2(drill.avoidWithPainIn.join(', '))}</Text>
        ) : null}
      </Part>
      <Compare drill={drill} />
      <Button
        mode="outlined"
        icon="printer"
        style={styles.start}
        onPress={() => router.navigate(`/drills/cards?ids=${drill.id}`)}
      >
        {texts.printCard}
      </Button>
      {coach ? <OurOwn drill={drill} kept={kept} /> : null}
    </Screen>
  );
}

/** What the page of a drill adds: set-up, one rep, levels, mistakes, and what of the delivery it holds. */
function PageParts({ drill, page, hand }: { drill: Drill; page: DrillPage; hand: Hand }) {
  const book = useBook();
  const easier = drill.easier ? book.drill(drill.easier) : undefined;
  return (
    <>
      <Part title={texts.setUp}>
        <Text>{page.setUp}</Text>
      </Part>
      <Part title={texts.oneRep}>
        <DrillStages drill={drill} hand={hand} width={120} height={104} />
        {page.steps.map((step, n) => (
          <Text key={step}>{`${n + 1}. ${step}`}</Text>
        ))}
      </Part>
      {drill.levels ? (
        <Part title={texts.levels}>
          {drill.levels.map(({ name, change }, n) => (
            <Text key={name}>
              <Text variant="labelLarge">{`${n + 1}. ${name}`}</Text>
              {`: ${change}`}
            </Text>
          ))}
        </Part>
      ) : null}
      <Part title={texts.whatGoodLooksLike}>
        <Text>{page.good}</Text>
      </Part>
      <Part title={texts.commonMistakes}>
        {page.mistakes.map((mistake) => (
          <Text key={mistake}>{`· ${mistake}`}</Text>
        ))}
        <Text variant="labelLarge">
          {texts.whatToDo(cueIn(drill.id, 'plain', book))}
          {easier ? texts.orGoTo(easier.name) : ''}
        </Text>
        {page.workaround ? (
          <Text>{texts.workaround2(page.workaround.seen, nodeName(page.workaround.flaw).toLowerCase())}</Text>
        ) : null}
      </Part>
      <Part title={texts.inTheDelivery}>
        {page.holds.length ? (
          <Text>{texts.holds(listed(page.holds.map((part) => partNames[part])))}</Text>
        ) : (
          <Text>{texts.noPart}</Text>
        )}
        {page.leavesOut ? (
          <Text variant="labelLarge">{texts.leavesOutThatComes(partNames[page.leavesOut])}</Text>
        ) : null}
      </Part>
    </>
  );
}

const styles = StyleSheet.create({
  figure: { alignItems: 'center', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
