import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { useClips } from '../../../../store/useClips';
import { FilePick } from '../../../../ui/ImportPreview/FilePick';
import { someoneOf, WhoseSecond, type Whose } from '../../../../ui/motions/WhoseSecond';
import { Pane } from '../../../../ui/Screen/Pane';
import { Heading } from '../../../../ui/Screen/Screen';
import { useToday } from '../../../../store/useAthlete';
import { useWide } from '../../../../ui/hooks/useWide';
import { dayWords } from '../../../../ui/words/days';
import { hashOf, maxFilmBytes, films as accept } from '../file';
import { TwoFilms } from './TwoFilms';
import { sideName, type Picked, type PickedFilm } from './useSide';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  clips: readonly ClipRecord[];
  onClose: () => void;
}

/** A film of this device beside another one, or beside a body that was tracked: of one athlete, or of two. */
export function PickTwo({ athlete, clips, onClose }: Props) {
  const wide = useWide();
  const today = useToday();
  const [first, setFirst] = useState<PickedFilm | null>(null);
  const [second, setSecond] = useState<Picked | null>(null);
  const [whose, setWhose] = useState<Whose>('own');
  const someone = someoneOf(whose);
  const { clips: theirs } = useClips(someone?.id ?? null);
  const pick = async (
    file: File,
    whose: readonly ClipRecord[],
    who: Pick<Picked, 'name' | 'throws'>,
  ): Promise<PickedFilm> => {
    const hash = await hashOf(file);
    const clip = whose.find((each) => each.hash === hash && each.size === file.size) ?? null;
    return { kind: 'film', file, clip, ...who };
  };
  const self = { name: athlete.givenName, throws: athlete.throws };
  const tracked = (whose === 'own' ? clips : ((someone && theirs) ?? [])).filter(
    ({ motion }) => motion?.motion,
  );
  const them = someone ? { name: someone.givenName, throws: someone.throws } : self;
  return (
    <Pane maxWidth={wide ? 1100 : 760}>
      <Button mode="text" icon="chevron-left" onPress={onClose} style={{ alignSelf: 'flex-start' }}>
        {texts.allClips}
      </Button>
      <Heading>{texts.twoFilms}</Heading>
      {first && second ? (
        <>
          <TwoFilms
            key={`${sideName(first)} ${sideName(second)}`}
            a={first}
            b={second}
            discipline={athlete.discipline}
          />
          <Button mode="text" onPress={() => setSecond(null)}>
            {texts.chooseAnotherSecond}
          </Button>
        </>
      ) : null}
      {first ? null : (
        <FilePick
          label={texts.openTheFirstFilm}
          icon="movie-open"
          accept={accept}
          maxBytes={maxFilmBytes}
          onFile={(file) => void pick(file, clips, self).then(setFirst)}
        />
      )}
      {first && !second ? (
        <>
          <Text>{texts.first2(first.file.name)}</Text>
          <WhoseSecond label={texts.secondOf} athlete={athlete} whose={whose} onWhose={setWhose} />
          {whose === 'own' || (someone && theirs) ? (
            <FilePick
              label={texts.openTheSecondFilm}
              icon="movie-open"
              accept={accept}
              maxBytes={maxFilmBytes}
              onFile={(file) => void pick(file, (someone && theirs) || clips, them).then(setSecond)}
            />
          ) : null}
          {tracked.length ? <Text variant="labelMedium">{texts.orABody}</Text> : null}
          {tracked.map((clip) => (
            <Button
              key={clip.id}
              mode="outlined"
              style={{ alignSelf: 'flex-start' }}
              onPress={() => setSecond({ kind: 'motion', clip, motion: clip.motion!.motion!, ...them })}
            >
              {`${dayWords(clip.date, today)}: ${clip.name}`}
            </Button>
          ))}
        </>
      ) : null}
      <Text variant="bodySmall">{texts.filmsStay}</Text>
    </Pane>
  );
}
