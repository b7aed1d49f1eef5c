import { useState } from 'react';
import { now } from '../../offline/clock';
import { useCountdown } from './useCountdown';
import { texts } from '../texts';
import { Button } from '../Button/Button';

const timed = (seconds: number): string =>
  seconds % 60 === 0 ? texts.startMinuteTimer(seconds / 60) : texts.timeS(seconds);

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
      accessibilityLabel={running ? texts.holdingSLeftStop(left) : timed(seconds)}
      onPress={() => setUntil(running ? null : now().getTime() + seconds * 1000)}
    >
      {running ? `${left} s` : timed(seconds)}
    </Button>
  );
}
