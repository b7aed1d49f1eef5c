import type { DrawingKind, LookPage } from '@wrightonic/contract';
import { sayLength } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { toolNames } from './Measures';
import { texts } from './texts';

const tools = Object.keys(toolNames) as DrawingKind[];
/** What a scale is drawn over. */
export type Scaled = 'height' | 'rubber';

interface Props {
  athlete: LookPage['athlete'];
  tool: DrawingKind | null;
  onTool: (tool: DrawingKind | null) => void;
  scaled: Scaled;
  onScaled: (scaled: Scaled) => void;
}

const hints: Partial<Record<DrawingKind, string>> = {
  angle: texts.tapThreePoints,
  scale: texts.tapBothEnds,
  ground: texts.tapTwoPlaces,
};

/** What is drawn next over the frame. */
export function DrawTools({ athlete, tool, onTool, scaled, onScaled }: Props) {
  const { sizeUnit } = useMe().person;
  return (
    <>
      <Choices<DrawingKind | null>
        label={texts.draw}
        value={tool}
        onChange={(next) => onTool(next === tool ? null : next)}
        options={tools.map((value) => ({ value, text: toolNames[value] }))}
      />
      {tool ? <Text role="status">{hints[tool] ?? texts.tapTwoPoints}</Text> : null}
      {tool === 'scale' && athlete.heightCm ? (
        <Choices<Scaled>
          label={texts.theScaleIs}
          shown
          value={scaled}
          onChange={onScaled}
          options={[
            { value: 'height', text: texts.bodyHeight(sayLength(athlete.heightCm, sizeUnit)) },
            { value: 'rubber', text: texts.theRubberCm },
          ]}
        />
      ) : null}
    </>
  );
}
