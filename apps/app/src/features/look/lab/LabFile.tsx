import type { ClipRecord, LookPage } from '@wrightonic/contract';
import type { BodyJoint, MarkerMap } from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { Notice, Waiting } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { Figures } from '../clip/motion/Figures';
import { GradesOffered } from '../clip/motion/GradesOffered';
import { CurveResults } from '../curves/CurveResults';
import { MarkerSheet } from './MarkerSheet';
import { useLab } from './useLab';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  file: File;
  clips: readonly ClipRecord[];
  onClose: () => void;
}

/** Markers of a motion lab: angles and times in space, and the speed of each part. */
export function LabFile({ athlete, file, clips, onClose }: Props) {
  const { answer, readBy, keep, taken } = useLab(athlete, file, clips);
  const [sheet, setSheet] = useState(false);
  const sheetOf = (known: { names: string[]; map: MarkerMap; lacking?: BodyJoint[] }) => (
    <Card>
      <MarkerSheet
        names={known.names}
        map={known.map}
        lacking={known.lacking ?? []}
        onRead={(map) => {
          setSheet(false);
          void readBy(map);
        }}
      />
    </Card>
  );
  return (
    <Pane>
      <Button mode="text" icon="chevron-left" onPress={onClose} style={{ alignSelf: 'flex-start' }}>
        {texts.closeTheFile}
      </Button>
      <Heading>{file.name}</Heading>
      {answer === null ? <Waiting what={texts.readingTheMarkers} /> : null}
      {answer && 'wrong' in answer ? (
        <Notice alert>{texts.nothingWasImported(file.name, answer.wrong)}</Notice>
      ) : null}
      {answer && 'lacking' in answer ? sheetOf(answer) : null}
      {answer && 'reading' in answer ? (
        <>
          <Card>
            <Heading level={3}>{texts.inSpace}</Heading>
            <Figures reading={answer.reading} shown={0} />
            <GradesOffered
              athleteId={athlete.id}
              reading={answer.reading}
              taken={taken}
              timeOf={() => null}
              onTake={(offers, figures) => void keep(answer, offers, figures)}
            />
          </Card>
          <Card>
            <Heading level={3}>{texts.speedCurves}</Heading>
            <CurveResults result={answer.result} />
            <Text variant="bodySmall">{texts.turningIs}</Text>
          </Card>
          {sheet ? (
            sheetOf(answer)
          ) : (
            <Button mode="outlined" onPress={() => setSheet(true)} contentStyle={{ minHeight: 44 }}>
              {texts.whichMarkerLiesWhere}
            </Button>
          )}
        </>
      ) : null}
    </Pane>
  );
}
