import type { LookRecord, ProvePage } from '@wrightonic/contract';
import { drawMoving, shownOf } from '@wrightonic/core';
import { useMemo } from 'react';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { InStep } from '../../ui/body/InStep';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';

interface Props {
  athlete: ProvePage['athlete'];
  before: LookRecord;
  after: LookRecord;
}

const size = { width: 156, height: 132 };
/** Shown at half speed: 45 a second are seen. */
const rate = 90;

/** Both looks as moving figures, in step: of each phase the worst that was seen. */
export function BothMoving({ athlete: { discipline, throws: hand }, before, after }: Props) {
  const today = useToday();
  const figures = useMemo(() => {
    const drawn = (look: LookRecord, title: string) => ({
      title: `${title}, ${dayWords(look.date, today)}`,
      label: texts.theDeliveryAs(title, dayWords(look.date, today)),
      moving: drawMoving(
        { discipline, flaws: shownOf(look.findings) },
        { ...size, hand, view: 'side' },
        rate,
      ),
    });
    return [drawn(before, texts.before), drawn(after, texts.after)] as const;
  }, [before, after, discipline, hand, today]);
  return (
    <>
      <InStep figures={figures} {...size} rate={rate} first={figures[1].moving.best} />
      <Text variant="bodySmall">{texts.drawnFromTheGrades}</Text>
    </>
  );
}
