import { drawTracked, type Hand, type Offer } from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import Svg from 'react-native-svg';
import { stills } from '../../offline/tracks';
import { Shapes } from '../body/Shapes';
import { texts } from '../texts';

interface Props {
  seen: NonNullable<Offer['seen']>;
  hand: Hand;
  /** Of what was measured. */
  name: string;
}

const size = { width: 104, height: 92 };

/** The frame that a grade was measured on, with the joints over it; where its film is not on this device, the body alone. */
export function OfferSeen({ seen, hand, name }: Props) {
  const { clip, time, body } = seen;
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    if (time !== null)
      void stills.at(clip, time).then((blob) => {
        if (!blob || gone) return;
        setPicture((made = URL.createObjectURL(blob)));
      });
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [clip, time]);
  const shapes = useMemo(
    () => drawTracked(body, { ...size, hand }, { from: 0, seconds: 0, rate: 1 }).frame(0),
    [body, hand],
  );
  const label = texts.theFrameOnWhich(name);
  if (picture)
    return (
      <img
        src={picture}
        alt={label}
        style={{ maxWidth: 130, height: 104, objectFit: 'contain', borderRadius: 4 }}
      />
    );
  return (
    <Svg {...size} role="img" aria-label={label}>
      <Shapes shapes={shapes} />
    </Svg>
  );
}
