import { academyPlanning, type AcademyPlanning } from '@wrightonic/contract';
import { Button, Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { FormChoices, FormFigure, FormList } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';

const back = { label: 'Back', to: '/office' } as const;

/** What holds for every plan of the academy. */
export function Planning() {
  const { data, error, refetch } = lazyEndpoints.usePlanningQuery();
  if (!data)
    return (
      <Screen title="Planning" back={back}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what="Reading what the academy settled" />
        )}
      </Screen>
    );
  return <Settled key={JSON.stringify(data)} stored={data} />;
}

function Settled({ stored }: { stored: AcademyPlanning }) {
  const { person } = useMe();
  const form = useSchemaForm<AcademyPlanning>(academyPlanning, stored);
  const [keep, { error, isLoading, isSuccess }] = lazyEndpoints.useSavePlanningMutation();
  const save = form.handleSubmit((wish) => void keep(wish));
  const own = person.role === 'owner';
  return (
    <Screen title="Planning" back={back}>
      {own ? null : <Notice>Only the owner of the academy changes this.</Notice>}
      <Card>
        <Heading>Throws</Heading>
        <FormFigure
          form={form}
          name="weekThrows"
          hint="Left empty: three times the day’s maximum of each athlete."
        />
        <FormFigure
          form={form}
          name="rampPercent"
          hint="Against the average of the four weeks before, from 30 throws on. The science on such ratios is disputed."
        />
        <FormChoices
          form={form}
          name="allHard"
          options={[
            { value: false, text: 'Count half of a hard one' },
            { value: true, text: 'Count as hard ones' },
          ]}
        />
      </Card>
      <Card>
        <Heading>Looks</Heading>
        <FormFigure
          form={form}
          name="carryDays"
          hint="A checkpoint that was not looked at again counts so long. 0: every look stands by itself."
        />
      </Card>
      <Card>
        <Heading>Growth</Heading>
        <FormChoices
          form={form}
          name="growthNote"
          options={[
            { value: true, text: 'Say in Prove when somebody grew' },
            { value: false, text: 'Leave it out' },
          ]}
        />
      </Card>
      <Card>
        <Heading>Build-up after a lay-off</Heading>
        <FormFigure form={form} name="buildUpWeeks" hint="Left empty: half the lay-off, two to six weeks." />
      </Card>
      <Card>
        <Heading>What there is at the academy</Heading>
        <FormList
          form={form}
          name="equipment"
          label="Things, with commas between"
          called="Things at the academy"
          lines={4}
        />
      </Card>
      {error ? <ErrorNotice error={error} /> : null}
      {isSuccess ? <Text role="status">Saved. Plans that are made from now on keep to it.</Text> : null}
      <Button
        mode="contained"
        loading={isLoading}
        disabled={!own}
        contentStyle={{ minHeight: 48 }}
        onPress={() => void save()}
      >
        Save
      </Button>
    </Screen>
  );
}
