import { approachSides, type Approach } from '@wrightonic/core';
import { View } from 'react-native';
import { Choices } from './Choices';
import { texts } from '../texts';

type Sides = { [K in keyof Approach]: Approach[K] | null };

const words: { [K in keyof Approach]: { topic: string } & Record<Approach[K], string> } = {
  leave: { topic: texts.leavingTheRubber, drive: texts.drivePush, fall: texts.fallHipsGo },
  lift: { topic: texts.topOfTheLift, balance: texts.balance, drift: texts.drift },
  teach: { topic: texts.howChangeIsTaught, constrain: texts.constrain, instruct: texts.instruct },
  hips: { topic: texts.windmillFinish, close: texts.hipsClose, half: texts.hipsHalf },
};
const topics = Object.keys(words) as (keyof Approach)[];

/** Where instructors disagree, one side each; `unset` says what holds when neither is chosen. */
export function ApproachFields(props: { value: Sides; onChange: (sides: Sides) => void; unset: string }) {
  const { value, onChange, unset } = props;
  return (
    <View style={{ gap: 12 }}>
      {topics.map((topic) => (
        <Choices<string | null>
          key={topic}
          label={words[topic].topic}
          shown
          value={value[topic]}
          onChange={(side) => onChange({ ...value, [topic]: side })}
          options={[
            { value: null, text: unset },
            ...approachSides[topic].map((side) => ({
              value: side,
              text: (words[topic] as Record<string, string>)[side]!,
            })),
          ]}
        />
      ))}
    </View>
  );
}

/** The sides that hold, each with whose it is. */
export const approachWords = (approach: Approach, own: Sides): string =>
  topics
    .map((topic) => {
      const side = (words[topic] as Record<string, string>)[approach[topic]]!;
      return `${side}${own[topic] === null ? '' : texts.thisAthletesOwn}`;
    })
    .join('; ');
