import type { ScreenTryRecord } from '@wrightonic/contract';
import { shownUnit, sumOfParts, type ScreenPart, type ScreenTest, type ScreenTool } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { FigureField } from '../../../ui/form/FigureField';
import { figureIn } from '../../../ui/form/typedFigure';
import { AngleReader, ClockReader } from './Readers';
import { texts } from './texts';

/** What is written down of one try beside its value. */
export type Read = Pick<ScreenTryRecord, 'tool' | 'parts'>;

interface Props {
  test: ScreenTest;
  tries: readonly ScreenTryRecord[];
  /** Of the athlete, for what is set against it; null when not known. */
  massKg: number | null;
  onTry: (n: 1 | 2, value: number | null, read: Read) => void;
  /** Measured again right after a stretch. */
  onRetest: (value: number | null, read: Read) => void;
}

const both = [1, 2] as const;
const grades = [0, 1, 2, 3] as const;
export const toolNames: Record<ScreenTool, string> = {
  level: texts.levelOnTheLimb,
  goniometer: texts.goniometer,
  'goniometer-on-back': texts.goniometerLying,
  'floor-marks': texts.marksOnTheFloor,
  tape: texts.tape,
  clock: texts.clock,
  grade: texts.byHand,
  lift: texts.recentSet,
};

/** Two tries of one side, typed, tapped or read off, and one more after a stretch. */
export function TryFields({ test, tries, massKg, onTry, onRetest }: Props) {
  const own = tries.filter(({ retest }) => !retest);
  const of = (n: 1 | 2) => own.find((each) => each.n === n);
  const again = tries.find(({ retest }) => retest);
  const [tool, setTool] = useState<ScreenTool>(own.find((each) => each.tool)?.tool ?? test.tools[0]!);
  const [stretched, setStretched] = useState(again !== undefined);
  const next = typeof of(1)?.value === 'number' ? 2 : 1;
  if (tool === 'grade')
    return (
      <Choices<number | null>
        label={texts.grade}
        shown
        value={of(1)?.value ?? null}
        onChange={(grade) => onTry(1, grade, { tool })}
        options={grades.map((grade) => ({ value: grade, text: String(grade) }))}
      />
    );
  const usual = (test.range[0] + test.range[1]) / 2;
  const field = (
    name: string,
    entry: ScreenTryRecord | undefined,
    keep: (value: number | null, read: Read) => void,
  ) =>
    test.parts ? (
      <Parts
        key={`${name} ${entry?.value}`}
        name={name}
        test={test}
        parts={test.parts}
        entry={entry}
        massKg={massKg}
        onTry={(value, parts) => keep(value, { tool, ...(parts ? { parts } : {}) })}
      />
    ) : (
      <OneTry
        key={`${name} ${entry?.value}`}
        name={name}
        test={test}
        value={entry?.value ?? null}
        onTry={(value) => keep(value, { tool })}
      />
    );
  const take = (value: number) => onTry(next, value, { tool });
  return (
    <>
      {test.tools.length > 1 ? (
        <Choices<ScreenTool>
          label={texts.readWith}
          shown
          value={tool}
          onChange={setTool}
          options={test.tools.map((value) => ({ value, text: toolNames[value] }))}
        />
      ) : (
        <Text variant="bodySmall">{texts.readWith2(toolNames[tool].toLowerCase())}</Text>
      )}
      {tool === 'level' && !test.parts ? <AngleReader toward={Math.min(45, usual)} onTake={take} /> : null}
      {tool === 'clock' ? <ClockReader onTake={take} /> : null}
      <View style={test.parts ? styles.column : styles.row}>
        {both.map((n) => field(texts.tryWord(n), of(n), (value, read) => onTry(n, value, read)))}
      </View>
      {test.unit === 'deg' || test.unit === 'cm' ? (
        <>
          <Choices
            label={texts.measuredAgainAfter}
            shown
            value={stretched ? 'yes' : 'no'}
            onChange={(answer) => {
              setStretched(answer === 'yes');
              if (answer === 'no' && again) onRetest(null, {});
            }}
            options={[
              { value: 'no', text: texts.no },
              { value: 'yes', text: texts.yes },
            ]}
          />
          {stretched ? field(texts.afterAStretch2, again, onRetest) : null}
        </>
      ) : null}
    </>
  );
}

const typedNumber = (text: string): number | null => (text.trim() === '' ? null : figureIn(text));

interface FigureProps {
  label: string;
  name: string;
  unit: string;
  range: readonly [number, number];
  value: number | null;
  onKeep: (value: number | null) => void;
}

/** A figure within what a body can show, in the units that are liked; kept when the field is left. */
function RangedFigure({ label, name, unit, range, value, onKeep }: FigureProps) {
  const { person } = useMe();
  const shown = shownUnit(unit, person.sizeUnit);
  const [text, setText] = useState(value === null ? '' : String(shown.show(value)));
  const typed = typedNumber(text);
  const read = typed === null ? null : shown.read(typed);
  const fits = read === null || (read >= range[0] && read <= range[1]);
  const keep = () => {
    const unchanged = value === null ? read === null : typed === shown.show(value);
    if (fits && !unchanged) onKeep(read);
  };
  return (
    <View style={styles.one}>
      <FigureField
        label={`${label}, ${shown.unit}`}
        name={name}
        value={text}
        onChange={setText}
        onDone={keep}
        wrong={fits ? undefined : texts.mustBeANumber(shown.show(range[0]), shown.show(range[1]), shown.unit)}
      />
    </View>
  );
}

interface OneProps {
  name: string;
  test: ScreenTest;
  value: number | null;
  onTry: (value: number | null) => void;
}

const OneTry = ({ name, test, value, onTry }: OneProps) => (
  <RangedFigure label={name} name={name} unit={test.unit} range={test.range} value={value} onKeep={onTry} />
);

interface PartsProps extends Omit<OneProps, 'value' | 'onTry'> {
  parts: readonly [ScreenPart, ScreenPart];
  entry: ScreenTryRecord | undefined;
  massKg: number | null;
  onTry: (value: number | null, parts: [number, number] | null) => void;
}

/** A try whose value is worked out of two figures that are read. */
function Parts({ name, test, parts, entry, massKg, onTry }: PartsProps) {
  const [read, setRead] = useState<[number | null, number | null]>(entry?.parts ?? [null, null]);
  const keep = (n: 0 | 1, value: number | null) => {
    const now: [number | null, number | null] = n === 0 ? [value, read[1]] : [read[0], value];
    setRead(now);
    const [first, second] = now;
    if (first === null && second === null && entry) onTry(null, null);
    if (first === null || second === null) return;
    const sum = sumOfParts(test.id, [first, second], massKg);
    if (sum !== null && sum >= test.range[0] && sum <= test.range[1]) onTry(sum, [first, second]);
  };
  const [first, second] = read;
  const sum = first === null || second === null ? null : sumOfParts(test.id, [first, second], massKg);
  return (
    <View style={styles.column}>
      <Text variant="labelMedium">{name}</Text>
      <View style={styles.row}>
        {([0, 1] as const).map((n) => (
          <RangedFigure
            key={parts[n].name}
            label={parts[n].name}
            name={`${name}: ${parts[n].name.toLowerCase()}`}
            unit={parts[n].unit}
            range={parts[n].range}
            value={read[n]}
            onKeep={(value) => keep(n, value)}
          />
        ))}
      </View>
      <Text role="status">
        {sum !== null
          ? texts.together(sum, test.unit)
          : first !== null && second !== null
            ? texts.bodyWeightIsMissing
            : texts.typeBothTheApp}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  column: { gap: 8 },
  one: { flex: 1 },
});
