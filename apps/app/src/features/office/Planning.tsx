import { academyPlanning, type AcademyPlanning } from '@wrightonic/contract';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { FormChoices, FormFigure, FormList } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

const back = { label: texts.back, to: '/office' } as const;

/** What holds for every plan of the academy. */
export function Planning() {
  const { data, error, refetch } = lazyEndpoints.usePlanningQuery();
  if (!data)
    return (
      <Screen title={texts.planning} back={back}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what={texts.readingTheSettings} />
        )}
      </Screen>
    );
  return <Settled key={JSON.stringify(data)} stored={data} />;
}

function Settled({ stored }: { stored: AcademyPlanning }) {
  const form = useSchemaForm<AcademyPlanning>(academyPlanning, stored);
  const [keep, { error, isLoading, isSuccess }] = lazyEndpoints.useSavePlanningMutation();
  const save = form.handleSubmit((wish) => void keep(wish));
  const own = useMay('rules');
  return (
    <Screen title={texts.planning} back={back}>
      {own ? null : <Notice>{texts.onlyTheOwnerOfTheAcademyChanges}</Notice>}
      <Card>
        <Heading>{texts.throws}</Heading>
        <FormFigure form={form} name="weekThrows" hint={texts.leftEmptyThreeTimes} />
        <FormFigure form={form} name="rampPercent" hint={texts.againstTheAverage} />
        <FormChoices
          form={form}
          name="allHard"
          options={[
            { value: false, text: texts.countHalf },
            { value: true, text: texts.countAsHardOnes },
          ]}
        />
      </Card>
      <Card>
        <Heading>{texts.looks}</Heading>
        <FormFigure form={form} name="carryDays" hint={texts.howLongAGrade} />
      </Card>
      <Card>
        <Heading>{texts.growth}</Heading>
        <FormChoices
          form={form}
          name="growthNote"
          options={[
            { value: true, text: texts.mentionGrowthInProve },
            { value: false, text: texts.leaveItOut },
          ]}
        />
      </Card>
      <Card>
        <Heading>{texts.buildUpAfter}</Heading>
        <FormFigure form={form} name="buildUpWeeks" hint={texts.leftEmptyHalf} />
      </Card>
      <Card>
        <Heading>{texts.equipmentAtTheAcademy}</Heading>
        <FormList
          form={form}
          name="equipment"
          label={texts.equipmentSeparatedByCommas}
          called={texts.equipmentAtTheAcademy}
          lines={4}
        />
      </Card>
      {error ? <ErrorNotice error={error} /> : null}
      {isSuccess ? <Text role="status">{texts.savedNewPlansWill}</Text> : null}
      <Button
        mode="contained"
        loading={isLoading}
        disabled={!own}
        contentStyle={{ minHeight: 48 }}
        onPress={() => void save()}
      >
        {texts.save}
      </Button>
    </Screen>
  );
}
