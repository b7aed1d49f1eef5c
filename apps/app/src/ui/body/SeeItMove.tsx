import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { texts } from '../texts';

interface Props {
  /** Of what stands still. */
  name: string;
  moves: boolean;
  onToggle: () => void;
  children: ReactNode;
}

/** A still figure, with a tap to what it looks like in motion. */
export function SeeItMove({ name, moves, onToggle, children }: Props) {
  const own = useColours();
  return (
    <Pressable
      role="button"
      aria-expanded={moves}
      aria-label={texts.seeInMotion(name)}
      onPress={onToggle}
      style={{ alignItems: 'center' }}
    >
      {children}
      <Text variant="labelMedium" style={{ color: own.dusk }}>
        {moves ? texts.hide : texts.seeItMove}
      </Text>
    </Pressable>
  );
}
