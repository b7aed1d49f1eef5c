import type { TracePage } from '@wrightonic/contract';
import { useState } from 'react';
import { Choices } from '../../ui/form/Choices';
import type { Chosen } from '../../ui/seam/picture';
import { InWords } from './InWords';
import { PastTraces } from './PastTraces';
import { PhaseList } from './PhaseList';
import { Roots } from './Roots';
import type { Traced } from './useTracing';

type Sight = 'causes' | 'phases' | 'words' | 'earlier';

interface Props {
  page: TracePage;
  traced: Traced;
  chosen: Chosen | null;
  onChoose: (chosen: Chosen | null) => void;
}

/** The picture as a list: by causes, by phases, in words, or as it was before. */
export function Sights({ page, traced, chosen, onChoose }: Props) {
  const [by, setBy] = useState<Sight>('causes');
  const { result } = traced;
  const { findings } = traced.input;
  return (
    <>
      <Choices<Sight>
        label="See the picture by"
        value={by}
        onChange={setBy}
        options={[
          { value: 'causes', text: 'Causes' },
          { value: 'phases', text: 'Phases' },
          { value: 'words', text: 'Words' },
          { value: 'earlier', text: 'Earlier' },
        ]}
      />
      {by === 'causes' ? <Roots result={result} chosen={chosen} onChoose={onChoose} /> : null}
      {by === 'phases' ? (
        <PhaseList
          discipline={page.athlete.discipline}
          findings={findings}
          result={result}
          onChoose={(node) => onChoose({ node })}
        />
      ) : null}
      {by === 'words' ? (
        <InWords findings={findings} result={result} chosen={chosen} onChoose={onChoose} />
      ) : null}
      {by === 'earlier' ? <PastTraces page={page} /> : null}
    </>
  );
}
