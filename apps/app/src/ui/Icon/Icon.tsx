import Svg, { Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';
import { iconPaths } from './iconPaths';

export type IconName = keyof typeof iconPaths;

/** Decoration: whatever it stands beside says the same in words. */
export function Icon({ name, size = 24, colour }: { name: IconName; size?: number; colour?: string }) {
  const { ink } = useColours();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={iconPaths[name]} fill={colour ?? ink} />
    </Svg>
  );
}
