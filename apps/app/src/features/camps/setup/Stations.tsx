import { plannedStation, type CampRecord } from '@wrightonic/contract';
import { coachSkills, nodeName, placesAt, treatedBy, type PlannedStation } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { Card } from '../../../ui/Card/Card';
import { FormChoices, FormFigure, FormText } from '../../../ui/form/bound';
import { FigureField } from '../../../ui/form/FigureField';
import { PickOne } from '../../../ui/form/PickOne';
import { TextField } from '../../../ui/form/TextField';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { useBook } from '../../../ui/hooks/useBook';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Heading } from '../../../ui/Screen/Screen';
import { withOne, withoutOne, type SetupChange } from './useSetup';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

const fewTreated = 4;

const treatsWords = ({ treats }: PlannedStation): string =>
  treats.length === 0
    ? texts.noDrillsYet
    : texts.worksOn(
        treats.slice(0, fewTreated).map(nodeName).join(', '),
        treats.length > fewTreated ? texts.andMore(treats.length - fewTreated) : '',
      );

/** The stations: what they work on, and what they take. */
export function Stations({ camp, change, saving }: { camp: CampRecord } & SetupChange) {
  const [open, setOpen] = useState<PlannedStation | null>(null);
  const { stations, areas } = camp.setup;
  const area = new Map(areas.map(({ id, name }) => [id, name]));
  const fresh = (): PlannedStation => ({
    id: v7(),
    name: '',
    areaId: areas[0]!.id,
    drills: [],
    treats: [],
    capacity: 6,
    minimum: 3,
    throwHeavy: false,
    throws: 0,
    effort: 70,
    things: [],
    skill: null,
  });
  return (
    <Card>
      <Heading>{texts.stations}</Heading>
      {stations.map((station) =>
        open?.id === station.id ? null : (
          <PressableCard
            key={station.id}
            onPress={() => setOpen(station)}
            aria-label={texts.change(station.name)}
          >
            <Text variant="labelLarge">{station.name}</Text>
            <Text variant="bodySmall">
              {[
                area.get(station.areaId) ?? texts.noArea,
                texts.places(placesAt(station)),
                station.throws ? texts.throwsAt(station.throws, station.effort) : texts.noThrows,
                ...(station.throwHeavy ? ['throw-heavy'] : []),
                ...(station.skill ? [texts.ledBy(station.skill)] : []),
              ].join(' · ')}
            </Text>
            <Text variant="bodySmall">{treatsWords(station)}</Text>
          </PressableCard>
        ),
      )}
      {open ? (
        <StationForm
          key={open.id}
          station={open}
          camp={camp}
          saving={saving}
          onClose={() => setOpen(null)}
          onSave={async (station) => {
            if (await change((was) => ({ ...was, stations: withOne(was.stations, station) }))) setOpen(null);
          }}
          onDelete={async () => {
            if (await change((was) => ({ ...was, stations: withoutOne(was.stations, open.id) })))
              setOpen(null);
          }}
        />
      ) : areas.length ? (
        <Button mode="outlined" icon="plus" style={styles.start} onPress={() => setOpen(fresh())}>
          {texts.addAStation}
        </Button>
      ) : (
        <Text>{texts.addAnAreaFirst}</Text>
      )}
    </Card>
  );
}

interface FormProps {
  station: PlannedStation;
  camp: CampRecord;
  saving: boolean;
  onSave: (station: PlannedStation) => Promise<void>;
  onDelete: () => Promise<void>;
  onClose: () => void;
}

function StationForm({ station, camp, saving, onSave, onDelete, onClose }: FormProps) {
  const form = useSchemaForm<PlannedStation>(plannedStation, station);
  const { areas } = camp.setup;
  return (
    <View style={styles.form}>
      <FormText form={form} name="name" atMost={40} />
      <FormChoices
        form={form}
        name="areaId"
        options={areas.map(({ id, name }) => ({ value: id, text: name }))}
      />
      <Treats form={form} />
      <View style={styles.row}>
        <FormFigure form={form} name="capacity" />
        <FormFigure form={form} name="minimum" />
      </View>
      <View style={styles.row}>
        <FormFigure form={form} name="throws" />
        <FormFigure form={form} name="effort" />
      </View>
      <FormChoices
        form={form}
        name="throwHeavy"
        options={[
          { value: false, text: texts.no },
          { value: true, text: texts.yesNeverTwo },
        ]}
      />
      <FormChoices
        form={form}
        name="skill"
        options={[
          { value: null, text: texts.anyone },
          ...coachSkills.map((value) => ({ value, text: value })),
        ]}
      />
      <Things form={form} />
      <View style={styles.row}>
        <Button mode="contained" loading={saving} onPress={() => void form.handleSubmit(onSave)()}>
          {texts.saveTheStation}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
        <Button onPress={() => void onDelete()}>{texts.remove}</Button>
      </View>
    </View>
  );
}

type Form = ReturnType<typeof useSchemaForm<PlannedStation>>;

/** Drills, and the flaws that they and the station work on. */
function Treats({ form }: { form: Form }) {
  const book = useBook();
  const drills = form.watch('drills');
  const treats = form.watch('treats');
  const add = (drill: string) => {
    form.setValue('drills', [...drills, drill]);
    const own = book.drill(drill)?.targets.filter((node) => node !== '*') ?? treatedBy([drill]);
    form.setValue('treats', [...new Set([...treats, ...own])].slice(0, mostTreats));
  };
  const drop = (name: 'drills' | 'treats', gone: string) =>
    form.setValue(
      name,
      (name === 'drills' ? drills : treats).filter((each) => each !== gone),
    );
  return (
    <>
      {drills.map((drill) => (
        <View key={drill} style={styles.line}>
          <Text style={styles.grow}>{book.drill(drill)?.name ?? drill}</Text>
          <IconButton
            icon="close"
            accessibilityLabel={texts.remove3(book.drill(drill)?.name ?? drill)}
            onPress={() => drop('drills', drill)}
          />
        </View>
      ))}
      <PickOne
        label={texts.drillToAdd}
        options={book.all.flatMap(({ id, name }) => (drills.includes(id) ? [] : [{ value: id, text: name }]))}
        value={null}
        onPick={(drill) => drill && add(drill)}
      />
      {treats.length ? (
        <Text variant="labelMedium">{texts.worksOnTap}</Text>
      ) : (
        <Text variant="bodySmall">{texts.chooseDrillsWhatThey}</Text>
      )}
      <View style={styles.row}>
        {treats.map((node) => (
          <Button
            key={node}
            mode="outlined"
            compact
            icon="close"
            accessibilityLabel={texts.remove3(nodeName(node))}
            onPress={() => drop('treats', node)}
          >
            {nodeName(node)}
          </Button>
        ))}
      </View>
    </>
  );
}
const mostTreats = 40;

/** What there is of each thing, and how many share one. */
function Things({ form }: { form: Form }) {
  const things = form.watch('things');
  const [typed, setTyped] = useState({ thing: '', count: '', shared: '1' });
  const count = Number(typed.count);
  const shared = Number(typed.shared);
  const good =
    typed.thing.trim() !== '' &&
    Number.isInteger(count) &&
    count > 0 &&
    Number.isInteger(shared) &&
    shared > 0;
  return (
    <>
      <Text variant="labelMedium">{texts.equipmentWhichLimits}</Text>
      {things.map(({ thing, count: n, shared: by }) => (
        <View key={thing} style={styles.line}>
          <Text
            style={styles.grow}
          >{`${n} × ${thing}, ${by === 1 ? texts.oneEach : texts.shareOne(by)}`}</Text>
          <IconButton
            icon="close"
            accessibilityLabel={texts.remove4(thing)}
            onPress={() =>
              form.setValue(
                'things',
                things.filter((each) => each.thing !== thing),
              )
            }
          />
        </View>
      ))}
      <View style={styles.row}>
        <TextField
          label={texts.thing}
          value={typed.thing}
          onChange={(thing) => setTyped({ ...typed, thing })}
          atMost={40}
          style={styles.grow}
        />
        <FigureField
          label={texts.howMany}
          value={typed.count}
          onChange={(to) => setTyped({ ...typed, count: to })}
        />
        <FigureField
          label={texts.shareOne2}
          value={typed.shared}
          onChange={(to) => setTyped({ ...typed, shared: to })}
        />
      </View>
      <Button
        mode="outlined"
        disabled={!good}
        style={styles.start}
        onPress={() => {
          form.setValue('things', [...things, { thing: typed.thing.trim(), count, shared }]);
          setTyped({ thing: '', count: '', shared: '1' });
        }}
      >
        {texts.addTheThing}
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1, minWidth: 0 },
  form: { gap: 8 },
  start: { alignSelf: 'flex-start' },
});
