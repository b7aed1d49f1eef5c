import type { TracePage } from '@wrightonic/contract';
import type { Focus } from '@wrightonic/core';
import { useState } from 'react';
import { Choices } from '../../ui/form/Choices';
import type { Chosen } from '../../ui/seam/picture';
import { BodyOrHabit } from './BodyOrHabit';
import { InWords } from './InWords';
import { LeaveAlone } from './LeaveAlone';
import { PastTraces } from './PastTraces';
import { PhaseList } from './PhaseList';
import { PlainCard } from './PlainCard';
import { Roots } from './Roots';
import { Struck } from './Struck';
import type { Traced } from './useTracing';
import { texts } from './texts';

type Sight = 'causes' | 'phases' | 'words' | 'earlier' | 'doubts';

interface Props {
  page: TracePage;
  traced: Traced;
  chosen: Chosen | null;
  onChoose: (chosen: Chosen | null) => void;
  /** What is worked on. */
  focus: Focus;
}

/** What is behind the verdict: by causes, by phases, in words, as it was before, and what may be wrong with it. */
export function Sights({ page, traced, chosen, onChoose, focus }: Props) {
  const [by, setBy] = useState<Sight>('causes');
  const { result } = traced;
  const { findings } = traced.input;
  return (
    <>
      <Choices<Sight>
        label={texts.behindTheVerdict}
        value={by}
        onChange={setBy}
        options={[
          { value: 'causes', text: texts.causes },
          { value: 'phases', text: texts.phases },
          { value: 'words', text: texts.words },
          { value: 'earlier', text: texts.earlier },
          { value: 'doubts', text: texts.doubts },
        ]}
      />
      {by === 'causes' ? (
        <>
          <Roots result={result} chosen={chosen} onChoose={onChoose} />
          <LeaveAlone result={result} />
        </>
      ) : null}
      {by === 'phases' ? (
        <PhaseList
          discipline={page.athlete.discipline}
          findings={findings}
          result={result}
          onChoose={(node) => onChoose({ node })}
        />
      ) : null}
      {by === 'words' ? (
        <>
          <PlainCard athlete={page.athlete} result={result} focus={focus} />
          <InWords findings={findings} result={result} chosen={chosen} onChoose={onChoose} />
        </>
      ) : null}
      {by === 'earlier' ? <PastTraces page={page} /> : null}
      {by === 'doubts' ? (
        <>
          <BodyOrHabit athlete={page.athlete} result={result} focus={focus} />
          <Struck athlete={page.athlete} strikes={page.strikes} />
        </>
      ) : null}
    </>
  );
}
