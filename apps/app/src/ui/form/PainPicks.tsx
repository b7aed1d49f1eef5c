import { painSites, type PainSite } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { Choices } from './Choices';
import { Notice } from '../Notice/Notice';
import { texts } from '../texts';

export interface PainAnswer {
  level: 'none' | 'soreness' | 'pain';
  score: number | null;
  site: PainSite | null;
}

export const nothingHurts: PainAnswer = { level: 'none', score: null, site: null };

/** Whether everything that an answer needs was said. */
export const painSaid = ({ level, score, site }: PainAnswer): boolean =>
  level === 'none' || (site !== null && (level === 'pain' || score !== null));

/** Pain or soreness, how much and where. */
export const painWords = ({ level, score, site }: PainAnswer): string =>
  `${level === 'pain' ? texts.pain : texts.sorenessOf(score)}, ${site ?? 'somewhere'},`;

const scores = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

interface Props {
  value: PainAnswer;
  onChange: (value: PainAnswer) => void;
}

/** What hurts, where, and how much: soreness and pain are two things. */
export function PainPicks({ value, onChange }: Props) {
  const { level, score, site } = value;
  return (
    <>
      <Choices<PainAnswer['level']>
        label={texts.painOrSoreness}
        value={level}
        onChange={(chosen) =>
          onChange(chosen === level ? nothingHurts : { level: chosen, site, score: null })
        }
        options={[
          { value: 'soreness', text: texts.soreness },
          { value: 'pain', text: texts.pain },
        ]}
      />
      {level === 'none' ? null : (
        <Choices<PainSite | null>
          label={texts.where}
          shown
          value={site}
          onChange={(chosen) => onChange({ ...value, site: chosen })}
          options={painSites.map((each) => ({ value: each, text: each }))}
        />
      )}
      {level === 'soreness' ? (
        <Choices<number | null>
          label={texts.howMuchTo}
          shown
          value={score}
          onChange={(chosen) => onChange({ ...value, score: chosen })}
          options={scores.map((n) => ({ value: n, text: String(n) }))}
        />
      ) : null}
      {level === 'pain' ? <Notice>{texts.painStopsTheSession}</Notice> : null}
      <Text variant="bodySmall">{texts.sorenessIsStiffOr}</Text>
    </>
  );
}
