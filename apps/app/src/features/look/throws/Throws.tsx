import { missOf } from '@wrightonic/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { throwsWith } from '../../../offline/measured';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useAthlete, useMe } from '../../../store/useAthlete';
import { useWithPendingEvents } from '../../../store/useMeasured';
import { Choices } from '../../../ui/form/Choices';
import { ErrorNotice, Waiting, NotRead } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { BackToLook } from '../BackToLook';
import { Charting } from './Charting';
import { ThrowFigures } from './ThrowFigures';
import { ThrowsImport } from './ThrowsImport';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const parts = ['chart', 'says', 'import'] as const;
type Part = (typeof parts)[number];

/** Throws: charted, read, and what they say. */
export function Throws() {
  const { id, page, error: unread, again } = useAthlete('look');
  const { person } = useMe();
  const { part: asked } = useLocalSearchParams<{ part?: string }>();
  const { data, error, refetch } = lazyEndpoints.useThrowsQuery(id);
  const throws = useWithPendingEvents(data, (stored, entries) =>
    page ? throwsWith(stored, entries, page.athlete, missOf) : [...stored],
  );
  const { data: offers } = lazyEndpoints.useOffersQuery(id);
  // Where one begins does not change under the hand once there are throws.
  const [first, setFirst] = useState<Part | null>(null);
  if (data && first === null) setFirst(data.length ? 'says' : 'chart');
  if (!page) return <NotRead error={unread} again={again} />;
  if (!throws)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingTheThrows} />
    );
  const part: Part = parts.find((each) => each === asked) ?? first ?? 'chart';
  const unit = person.velocityUnit;
  return (
    <Pane>
      <BackToLook athleteId={id} title={texts.throws} />
      <Choices<Part>
        label={texts.throws}
        value={part}
        onChange={(next) => router.setParams({ part: next })}
        options={[
          { value: 'chart', text: texts.chart },
          { value: 'says', text: texts.whatTheySay },
          { value: 'import', text: texts.importWord },
        ]}
      />
      {part === 'chart' ? <Charting athlete={page.athlete} throws={throws} /> : null}
      {part === 'says' ? (
        <>
          <ThrowFigures hand={page.athlete.throws} throws={throws} unit={unit} />
          {offers?.some(({ from }) => from === 'throws') ? (
            <Button mode="outlined" onPress={() => router.navigate(`/athletes/${id}/look`)}>
              {texts.goToLook}
            </Button>
          ) : null}
        </>
      ) : null}
      {part === 'import' ? <ThrowsImport athlete={page.athlete} throws={throws} unit={unit} /> : null}
    </Pane>
  );
}
