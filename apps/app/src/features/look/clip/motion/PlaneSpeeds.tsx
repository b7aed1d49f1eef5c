import { planeSpeeds, type KeypointClip } from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { PlotChart } from '../../../../charts/PlotChart';
import { useColours } from '../../../../theme/theme';
import { timesOf, type Read } from './times';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props {
  film: Omit<KeypointClip, 'frames' | 'size'>;
  size: KeypointClip['size'];
  frames: KeypointClip['frames'];
  reading: Read;
}

/** How fast pelvis, chest and hand go forward, on a tap; nothing for a film along the line to the target. */
export function PlaneSpeeds(props: Props) {
  const [open, setOpen] = useState(false);
  if (!props.film.view.endsWith('side')) return null;
  return (
    <View style={{ gap: 6 }}>
      <Button mode="text" compact onPress={() => setOpen(!open)}>
        {open ? texts.hideTheSpeeds : texts.speedsOfPelvisChest}
      </Button>
      {open ? <Chart {...props} /> : null}
    </View>
  );
}

function Chart({ film, size, frames, reading }: Props) {
  const own = useColours();
  const events = timesOf(reading);
  const speeds = useMemo(
    () => planeSpeeds({ ...film, size, frames }, timesOf(reading)),
    [film, size, frames, reading],
  );
  if (!speeds) return <Text>{texts.speedsNeedPlant}</Text>;
  const { unit, lines, peaks, gaps } = speeds;
  const said = unit === 'm/s' ? 'm/s' : texts.bodyHeightsASecond;
  const words = [
    `${peaks.map(({ segment }) => segment).join(', then ')}: ${peaks.map(({ segment, value }) => `${segment} ${value.toFixed(1)}`).join(', ')} ${said}.`,
    ...(gaps.length
      ? [
          `${gaps.map(({ from, to, ms, plusMinusMs }) => texts.toMs(from, to, ms.toFixed(0), plusMinusMs.toFixed(0))).join('; ')}.`,
        ]
      : []),
    texts.theseAreSpeeds,
  ];
  const colours = { pelvis: own.grass, chest: own.dusk, hand: own.ink };
  return (
    <>
      <PlotChart
        label={words.join(' ')}
        lines={lines.map(({ segment, points }) => ({ points, colour: colours[segment] }))}
        dots={peaks.map(({ time, value }) => ({ at: [time, value] }))}
        uprights={[
          { x: events.plant!, name: 'plant' },
          { x: events.release!, name: 'release' },
        ]}
        named={peaks.map(({ segment, time, value }) => ({ at: [time, value], name: segment }))}
        xName={(time) => `${time.toFixed(2)} s`}
        height={220}
      />
      {words.map((sentence) => (
        <Text key={sentence} variant="bodySmall">
          {sentence}
        </Text>
      ))}
    </>
  );
}
