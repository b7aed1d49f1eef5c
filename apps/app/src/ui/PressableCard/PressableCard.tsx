import type { ReactNode } from 'react';
import { Pressable, StyleSheet, type PressableProps, type StyleProp, type ViewStyle } from 'react-native';
import { useColours } from '../../theme/theme';

interface Props extends Omit<PressableProps, 'style' | 'children'> {
  style?: StyleProp<ViewStyle>;
  chosen?: boolean;
  children: ReactNode;
}

/** Something on a card that can be pressed. */
export function PressableCard({ style, chosen, children, ...rest }: Props) {
  const { surface, sunk, line, amber } = useColours();
  return (
    <Pressable
      role="button"
      {...rest}
      style={({ pressed }) => [
        styles.card,
        { backgroundColor: pressed ? sunk : surface, borderColor: chosen ? amber : line },
        chosen ? styles.chosen : null,
        style,
      ]}
    >
      {children}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 8, padding: 12, minHeight: 48 },
  chosen: { borderWidth: 3, padding: 10 },
});
