import { clipViews, type ClipRecord } from '@wrightonic/contract';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { viewNames } from '../../../ui/words/kindWords';
import { Rates } from './Rates';
import type { ClipState } from './useClip';
import { texts } from './texts';

/** The rates of a clip, and how it was filmed. */
export function HowFilmed({ clip, exact, tell }: { clip: ClipRecord } & Pick<ClipState, 'exact' | 'tell'>) {
  return (
    <Card>
      <Rates clip={clip} exact={exact} onTell={tell} />
      <Choices
        label={texts.seenFrom}
        shown
        value={clip.view}
        onChange={(view) => tell({ view })}
        options={clipViews.map((value) => ({ value, text: viewNames[value] }))}
      />
      <Choices
        label={texts.camera}
        shown
        value={clip.square ? 'square' : 'askew'}
        onChange={(choice) => tell({ square: choice === 'square' })}
        options={[
          { value: 'square', text: texts.squareToTheMotion },
          { value: 'askew', text: texts.notSquare },
        ]}
      />
    </Card>
  );
}
