import { type Trace } from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import type { Chosen } from '../../ui/seam/picture';
import { RootLine } from './RootLine';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  result: Trace;
  chosen: Chosen | null;
  onChoose: (chosen: Chosen | null) => void;
}

const few = 6;

/** What explains the picture, most first; one that is tapped lights its threads. */
export function Roots({ result, chosen, onChoose }: Props) {
  const [all, setAll] = useState(false);
  const { roots, total } = result;
  if (roots.length === 0) return <Text>{texts.nothingThatCountsWas}</Text>;
  return (
    <>
      {roots.slice(0, all ? undefined : few).map((root) => {
        const open = chosen !== null && 'node' in chosen && chosen.node === root.id;
        return (
          <RootLine
            key={root.id}
            root={root}
            total={total}
            open={open}
            onPress={() => onChoose(open ? null : { node: root.id })}
          />
        );
      })}
      {roots.length > few && !all ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {texts.smallerOnes2(roots.length - few)}
        </Button>
      ) : null}
    </>
  );
}
