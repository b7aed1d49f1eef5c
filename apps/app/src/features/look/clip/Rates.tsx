import type { ClipRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, Text } from 'react-native-paper';
import { FigureField } from '../../../ui/form/FigureField';

interface Props {
  clip: ClipRecord;
  exact: boolean;
  onTell: (change: { fps?: number; captureFps?: number }) => void;
}

const read = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'));
  return value >= 1 && value <= 20_000 ? value : null;
};

/** How the clip keeps time; slow motion was taken at another rate than it plays. */
export function Rates({ clip, exact, onTell }: Props) {
  const [fps, setFps] = useState(String(clip.fps));
  const [capture, setCapture] = useState(String(clip.captureFps));
  const wrong = read(fps) === null || read(capture) === null;
  const keep = () => {
    const [plays, took] = [read(fps), read(capture)];
    if (plays !== null && took !== null && (plays !== clip.fps || took !== clip.captureFps))
      onTell({ fps: plays, captureFps: took });
  };
  return (
    <>
      <View style={styles.row}>
        <FigureField
          label="Plays at, frames/s"
          name="Plays at, frames a second"
          value={fps}
          onChange={setFps}
          onDone={keep}
        />
        <FigureField
          label="Taken at, frames/s"
          name="Taken at, frames a second"
          value={capture}
          onChange={setCapture}
          onDone={keep}
        />
      </View>
      {wrong ? (
        <HelperText type="error" role="alert">
          Both rates must be 1 to 20,000 frames a second.
        </HelperText>
      ) : null}
      <Text variant="bodySmall">
        {exact
          ? 'Times are the clip’s own. For slow motion say at how many frames a second it was taken.'
          : 'This browser tells no timestamps: times are counted from the rate above.'}
      </Text>
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 8 } });
