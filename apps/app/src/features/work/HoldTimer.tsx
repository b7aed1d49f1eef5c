import { useEffect, useState } from 'react';
import { Button } from 'react-native-paper';
import { useAppSelector } from '../../store/store';

const tick = 100;

/** A short tone; a browser without sound stays silent. */
function beep(): void {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    tone.frequency.value = 880;
    tone.connect(audio.destination);
    tone.onended = () => void audio.close();
    tone.start();
    tone.stop(audio.currentTime + 0.25);
  } catch {
    // Nothing to hear; the figure on the button still shows the end.
  }
}

/** Counts a hold down and beeps when it is over. */
export function HoldTimer({ seconds }: { seconds: number }) {
  const sound = useAppSelector(({ settings }) => settings.sound);
  const [until, setUntil] = useState<number | null>(null);
  const [left, setLeft] = useState(0);
  useEffect(() => {
    if (until === null) return;
    const timer = setInterval(() => {
      const rest = until - performance.now();
      if (rest > 0) return setLeft(Math.ceil(rest / 1000));
      setUntil(null);
      if (sound) beep();
    }, tick);
    return () => clearInterval(timer);
  }, [until, sound]);
  const start = () => {
    setLeft(seconds);
    setUntil(performance.now() + seconds * 1000);
  };
  const running = until !== null;
  return (
    <Button
      mode={running ? 'contained' : 'outlined'}
      compact
      icon="timer-outline"
      accessibilityLabel={running ? `Holding, ${left} s left; stop` : `Time a hold of ${seconds} s`}
      onPress={() => (running ? setUntil(null) : start())}
    >
      {running ? `${left} s` : `Hold ${seconds} s`}
    </Button>
  );
}
