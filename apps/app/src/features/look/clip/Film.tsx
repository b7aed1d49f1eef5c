import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Notice } from '../../../ui/Notice/Notice';
import { saveFile } from '../../../ui/ImportPreview/saveFile';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The first of them is by far the lightest for a phone that has to keep up with its camera. */
const kinds = ['video/webm;codecs=vp8', 'video/webm;codecs=vp9', 'video/webm', 'video/mp4'];

const whyNot = (error: unknown): string => {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError') return texts.theBrowserWasNot;
  if (name === 'NotFoundError') return texts.thereIsNoCamera;
  return texts.theCameraCouldNot;
};

/** Films with the device's camera. The clip is saved on the device, as it is asked for again by its file. */
export function Film({ onFilmed }: { onFilmed: (file: File) => void }) {
  const view = useRef<HTMLVideoElement>(null);
  const stream = useRef<MediaStream | null>(null);
  const recorder = useRef<MediaRecorder | null>(null);
  const [state, setState] = useState<'starting' | 'ready' | 'filming' | 'saving'>('starting');
  const [rate, setRate] = useState<number | null>(null);
  const [wrong, setWrong] = useState('');
  useEffect(() => {
    let gone = false;
    const start = async () => {
      try {
        const camera = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', frameRate: { ideal: 240 }, width: { ideal: 1280 } },
          audio: false,
        });
        if (gone) return camera.getTracks().forEach((track) => track.stop());
        stream.current = camera;
        setRate(camera.getVideoTracks()[0]?.getSettings().frameRate ?? null);
        if (view.current) view.current.srcObject = camera;
      } catch (error) {
        setWrong(whyNot(error));
      }
    };
    void start();
    return () => {
      gone = true;
      stream.current?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  const begin = () => {
    const mimeType = kinds.find((kind) => MediaRecorder.isTypeSupported(kind));
    const parts: Blob[] = [];
    const made = new MediaRecorder(stream.current!, {
      ...(mimeType ? { mimeType } : {}),
      videoBitsPerSecond: 12_000_000,
    });
    made.ondataavailable = ({ data }) => {
      if (data.size) parts.push(data);
    };
    made.onstop = () => {
      const type = made.mimeType.split(';')[0]!;
      const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
      const file = new File(parts, `filmed-${stamp}.${type === 'video/mp4' ? 'mp4' : 'webm'}`, { type });
      saveFile(file, file.name);
      onFilmed(file);
    };
    recorder.current = made;
    made.start();
    setState('filming');
  };
  const end = () => {
    setState('saving');
    recorder.current?.stop();
  };
  if (wrong) return <Notice alert>{wrong}</Notice>;
  return (
    <View style={styles.root}>
      <video
        ref={view}
        autoPlay
        muted
        playsInline
        // Not before: as the picture takes its place the button goes down, away from under the thumb.
        onLoadedMetadata={() => setState((now) => (now === 'starting' ? 'ready' : now))}
        aria-label={texts.camera}
        style={{ width: '100%', borderRadius: 8 }}
      />
      <Text variant="bodySmall">
        {rate ? texts.theCameraGivesFrames(Math.round(rate)) : texts.startingTheCamera}
      </Text>
      <Button
        mode="contained"
        disabled={state === 'starting' || state === 'saving'}
        onPress={state === 'filming' ? end : begin}
        contentStyle={{ minHeight: 48 }}
      >
        {state === 'saving'
          ? texts.savingTheFilm
          : state === 'filming'
            ? texts.stopFilming
            : texts.startFilming}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 } });
