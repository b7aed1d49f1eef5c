import type { BuildPage, PlanRecord, TraceRecord } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { dayWords } from '../../ui/words/days';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { threadNames, threads } from '../../ui/words/threadWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const weeks = [2, 4, 6, 8];

interface Props {
  athlete: BuildPage['athlete'];
  trace: TraceRecord;
  earlier: PlanRecord | null;
}

export function NewPlan({ athlete, trace, earlier }: Props) {
  const athleteId = athlete.id;
  const own = useColours();
  const today = useToday();
  const [length, setLength] = useState(6);
  const [templateId, setTemplateId] = useState<string | null>(null);
  const { data: kept } = lazyEndpoints.useTemplatesQuery();
  const templates = (kept ?? []).filter(({ discipline }) => discipline === athlete.discipline);
  const [id] = useState(() => v7());
  const [make, { isLoading, error }] = lazyEndpoints.useMakePlanMutation();
  return (
    <Pane
      foot={
        <ActionBar>
          {error ? <ErrorNotice error={error} /> : null}
          <Button
            mode="contained"
            loading={isLoading}
            contentStyle={{ minHeight: 48 }}
            onPress={() =>
              void make({
                athleteId,
                body: { id, traceId: trace.id, startsOn: today, weeks: length, templateId },
              })
            }
          >
            {texts.buildThePlan}
          </Button>
        </ActionBar>
      }
    >
      <Text variant="bodyLarge">{texts.fromTheFocus}</Text>
      {threads.map((thread) => {
        const focus = trace.chosen[thread];
        return focus ? (
          <Card key={thread} edge={thread === 'lower' ? own.grass : own.clay}>
            <Text variant="labelMedium">{threadNames[thread]}</Text>
            <Text variant="titleLarge">{nodeName(focus)}</Text>
          </Card>
        ) : null;
      })}
      <Choices
        label={texts.howLong}
        shown
        value={length}
        onChange={setLength}
        options={weeks.map((n) => ({ value: n, text: texts.weeks(n) }))}
      />
      {templates.length ? (
        <Choices<string | null>
          label={texts.startFrom}
          shown
          value={templateId}
          onChange={setTemplateId}
          options={[
            { value: null, text: texts.whatFitsTheFocus },
            ...templates.map(({ id: value, name }) => ({ value, text: name })),
          ]}
        />
      ) : null}
      {earlier ? <Text>{texts.thisReplacesThePlan(dayWords(earlier.startsOn, today))}</Text> : null}
    </Pane>
  );
}
