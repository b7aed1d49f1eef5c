import { severities, type Severity } from '@wrightonic/core';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { StitchSign } from '../../ui/seam/Stitches';
import { severityNames } from '../../ui/seam/words';

interface Props {
  id: string;
  name: string;
  see: string;
  grade: Severity | null;
  onGrade: (id: string, grade: Severity | null) => void;
}

/** One checkpoint with its four stitches to tap; tapping the chosen one again takes the grade back. */
export const Checkpoint = memo(function Checkpoint({ id, name, see, grade, onGrade }: Props) {
  const own = useColours();
  return (
    <View
      style={[styles.whole, { backgroundColor: own.surface, borderColor: own.line }]}
      role="group"
      aria-label={name}
    >
      <Text variant="titleMedium">{name}</Text>
      <Text variant="bodySmall">{see}</Text>
      <View style={styles.row}>
        {severities.map((severity) => {
          const chosen = grade === severity;
          const ink = chosen ? own.onDusk : severity ? own.clay : own.ink;
          return (
            <Pressable
              key={severity}
              role="button"
              aria-pressed={chosen}
              aria-label={`${name}: ${severityNames[severity]}`}
              onPress={() => onGrade(id, chosen ? null : severity)}
              style={[
                styles.stitch,
                {
                  borderColor: chosen ? own.dusk : own.line,
                  backgroundColor: chosen ? own.dusk : own.surface,
                },
              ]}
            >
              <StitchSign grade={severity} size={5} ink={ink} />
              <Text variant="labelSmall" style={[styles.name, { color: chosen ? own.onDusk : own.ink }]}>
                {severityNames[severity]}
              </Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
});

const styles = StyleSheet.create({
  whole: { borderWidth: 1, borderRadius: 8, padding: 12, gap: 4 },
  row: { flexDirection: 'row', gap: 6, marginTop: 4 },
  stitch: {
    flex: 1,
    minHeight: 54,
    borderWidth: 2,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
  name: { textTransform: 'capitalize' },
});
