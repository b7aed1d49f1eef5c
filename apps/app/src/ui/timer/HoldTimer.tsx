import { useState } from 'react';
import { Button } from 'react-native-paper';
import { now } from '../../offline/clock';
import { useCountdown } from './useCountdown';

const timed = (seconds: number): string =>
  seconds % 60 === 0 ? `Start ${seconds / 60}-minute timer` : `Time ${seconds} s`;

/** Counts a hold down and beeps when it is over. */
export function HoldTimer({ seconds }: { seconds: number }) {
  const [until, setUntil] = useState<number | null>(null);
  const left = useCountdown(until);
  const running = left > 0;
  return (
    <Button
      mode={running ? 'contained' : 'outlined'}
      compact
      icon="timer-outline"
      accessibilityLabel={running ? `Holding, ${left} s left; stop` : timed(seconds)}
      onPress={() => setUntil(running ? null : now().getTime() + seconds * 1000)}
    >
      {running ? `${left} s` : timed(seconds)}
    </Button>
  );
}
