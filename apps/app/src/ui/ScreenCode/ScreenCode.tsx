import { create } from 'qrcode';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { day } from '../../theme/colours';

const codeSize = 176;

/** A text, such as an address, as a code that a phone reads from the screen; always dark on light. */
export function ScreenCode({ text, label }: { text: string; label: string }) {
  const { path, size } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    let path = '';
    for (let row = 0; row < modules.size; row++)
      for (let column = 0; column < modules.size; column++)
        if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
    return { path, size: modules.size };
  }, [text]);
  return (
    <View role="img" aria-label={label}>
      <Svg width={codeSize} height={codeSize} viewBox={`-3 -3 ${size + 6} ${size + 6}`} aria-hidden>
        <Rect x={-3} y={-3} width={size + 6} height={size + 6} fill={day.surface} />
        <Path d={path} fill={day.ink} />
      </Svg>
    </View>
  );
}
