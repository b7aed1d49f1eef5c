import type { ComponentProps } from 'react';
import { useState } from 'react';
import { View } from 'react-native';
import { DrillFigure } from './DrillFigure';
import { DrillInMotion } from './DrillInMotion';
import { SeeItMove } from './SeeItMove';
import { texts } from '../texts';

type Props = Required<Omit<ComponentProps<typeof DrillInMotion>, 'drill'>> & { drill: string | null };

/** How a drill is set up, and how it goes once it is tapped; nothing for a drill that has no figure. */
export function DrillOnTap({ drill, name, hand, discipline, width, height }: Props) {
  const [moves, setMoves] = useState(false);
  if (drill === null) return null;
  const shown = { drill, hand, discipline, width, height };
  return (
    <View style={{ alignItems: 'center' }}>
      {moves ? <DrillInMotion name={name} {...shown} /> : null}
      <SeeItMove name={name} moves={moves} onToggle={() => setMoves(!moves)}>
        {moves ? null : <DrillFigure label={texts.setUpOf(name)} {...shown} />}
      </SeeItMove>
    </View>
  );
}
