import type { CurveResult } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { StitchSign } from '../../../ui/seam/Stitches';
import { severityNames } from '../../../ui/seam/words';
import { curveWords } from './words';
import { texts } from './texts';

/** Order, gaps, gains and evidence in words. */
export function CurveWords({ result }: { result: CurveResult }) {
  const own = useColours();
  return (
    <>
      {curveWords(result).map((sentence) => (
        <Text key={sentence}>{sentence}</Text>
      ))}
      {result.evidence.map(({ flaw, severity, why }) => (
        <View key={flaw} style={styles.line}>
          <StitchSign grade={severity} size={4} ink={own.clay} />
          <View style={styles.grow}>
            <Text variant="labelLarge">{`${nodeName(flaw)}, ${severityNames[severity]}`}</Text>
            <Text variant="bodySmall">{`${why}.`}</Text>
          </View>
        </View>
      ))}
      {result.evidence.length === 0 ? <Text>{texts.noFlawShows}</Text> : null}
      {result.missing.length ? (
        <Text variant="bodySmall">{texts.notInTheFile(result.missing.join(', '))}</Text>
      ) : null}
      {result.notes.map((note) => (
        <Text key={note} variant="bodySmall">{`${note}.`}</Text>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
