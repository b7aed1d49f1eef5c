import { campBlock, type CampRecord } from '@wrightonic/contract';
import {
  blockKinds,
  blocksInOrder,
  daysOf,
  minutesOf,
  timeOfMinutes,
  usualDay,
  type CampBlock,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { FormChoices, FormFigure, FormTime } from '../../../ui/form/bound';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { Heading } from '../../../ui/Screen/Screen';
import { blockWords } from '../../../ui/words/campWords';
import { longDay, weekday } from '../../../ui/words/days';
import { withOne, withoutOne, type SetupChange } from './useSetup';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

type Props = { camp: CampRecord } & SetupChange;

const endOf = (block: CampBlock): string => timeOfMinutes(minutesOf(block.start) + block.minutes);

/** The blocks of each day. */
export function Days({ camp, change, saving }: Props) {
  const { setup } = camp;
  const days = daysOf(setup);
  const [day, setDay] = useState(days[0] ?? setup.firstDay);
  const [open, setOpen] = useState<CampBlock | null>(null);
  const blocks = blocksInOrder(setup.blocks.filter((block) => block.day === day));
  const others = days.filter((each) => each !== day);
  const copy = () =>
    change((was) => ({
      ...was,
      blocks: [
        ...was.blocks.filter((block) => block.day === day),
        ...others.flatMap((to) => blocks.map((block) => ({ ...block, id: v7(), day: to }))),
      ],
    }));
  const last = blocks.at(-1);
  return (
    <Card>
      <Heading>{texts.days}</Heading>
      {days.length > 1 ? (
        <Choices
          label={texts.day}
          value={day}
          onChange={(to) => {
            setDay(to);
            setOpen(null);
          }}
          options={days.map((value) => ({ value, text: `${weekday(value)} ${Number(value.slice(8))}` }))}
        />
      ) : null}
      <Text variant="labelLarge">{longDay(day)}</Text>
      {blocks.length === 0 ? <Text>{texts.nothingOnThisDay}</Text> : null}
      {blocks.map((block) => (
        <View key={block.id} style={styles.line}>
          <Button mode="text" onPress={() => setOpen(block)} contentStyle={styles.left} style={styles.grow}>
            {`${block.start}–${endOf(block)}  ${blockWords[block.kind]}`}
          </Button>
          <IconButton
            icon="close"
            accessibilityLabel={texts.remove2(block.start, blockWords[block.kind])}
            onPress={() => void change((was) => ({ ...was, blocks: withoutOne(was.blocks, block.id) }))}
          />
        </View>
      ))}
      {open ? (
        <BlockForm
          key={open.id}
          block={open}
          saving={saving}
          onClose={() => setOpen(null)}
          onSave={async (block) => {
            if (await change((was) => ({ ...was, blocks: withOne(was.blocks, block) }))) setOpen(null);
          }}
        />
      ) : (
        <View style={styles.row}>
          <Button
            mode="outlined"
            icon="plus"
            onPress={() =>
              setOpen({ id: v7(), day, start: last ? endOf(last) : '09:00', minutes: 25, kind: 'slot' })
            }
          >
            {texts.addABlock}
          </Button>
          {blocks.length === 0 ? (
            <Button
              mode="outlined"
              onPress={() =>
                void change((was) => ({ ...was, blocks: [...was.blocks, ...usualDay(day, v7)] }))
              }
            >
              {texts.aUsualMorning}
            </Button>
          ) : null}
          {blocks.length && others.length ? (
            <Button mode="outlined" onPress={() => void copy()}>
              {texts.sameOnEveryDay}
            </Button>
          ) : null}
        </View>
      )}
    </Card>
  );
}

interface BlockProps {
  block: CampBlock;
  saving: boolean;
  onSave: (block: CampBlock) => Promise<void>;
  onClose: () => void;
}

function BlockForm({ block, saving, onSave, onClose }: BlockProps) {
  const form = useSchemaForm<CampBlock>(campBlock, block);
  return (
    <View style={styles.form}>
      <FormChoices
        form={form}
        name="kind"
        options={blockKinds.map((value) => ({ value, text: blockWords[value] }))}
      />
      <View style={styles.row}>
        <FormTime form={form} name="start" />
        <FormFigure form={form} name="minutes" />
      </View>
      <View style={styles.row}>
        <Button mode="contained" loading={saving} onPress={() => void form.handleSubmit(onSave)()}>
          {texts.saveTheBlock}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  line: { flexDirection: 'row', alignItems: 'center' },
  left: { justifyContent: 'flex-start' },
  grow: { flex: 1 },
  form: { gap: 8 },
});
