import { drawMoving, nodeOf, posed, type Hand, type Shown } from '@wrightonic/core';
import { useMemo } from 'react';
import { InStep } from './InStep';
import { texts } from '../texts';

interface Props {
  flaw: string;
  name: string;
  hand: Hand;
}

const size = { width: 156, height: 132 };
/** Shown at half speed: 45 a second are seen. */
const rate = 90;

/** A delivery as it should go and with one flaw, side by side and in step. */
export function CleanAndWrong({ flaw, name, hand }: Props) {
  const figures = useMemo(() => {
    const { view } = posed(flaw)!;
    const node = nodeOf(flaw);
    const discipline = node?.type === 'flaw' ? node.discipline : 'overhand';
    const drawn = (flaws: Shown) => drawMoving({ discipline, flaws }, { ...size, hand, view }, rate);
    return [
      { title: texts.clean, label: texts.aCleanDelivery, moving: drawn({}) },
      { title: texts.thisOne, label: texts.inMotion(name), moving: drawn({ [flaw]: 1 }) },
    ] as const;
  }, [flaw, name, hand]);
  return <InStep figures={figures} {...size} rate={rate} first={figures[1].moving.best} />;
}
