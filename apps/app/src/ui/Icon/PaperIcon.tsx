import Svg, { Path } from 'react-native-svg';
import { iconPaths } from './iconPaths';

/** Stands in for the icon font that Paper asks for. */
export default function PaperIcon({ name, size, color }: { name: string; size: number; color?: string }) {
  const path = (iconPaths as Record<string, string>)[name];
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      {path ? <Path d={path} fill={color} /> : null}
    </Svg>
  );
}
