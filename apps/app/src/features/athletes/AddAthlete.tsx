import { emptyAthlete, type AthleteForm } from '@wrightonic/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../store/api';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { showRefusal, type SchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { FirstFields, MoreFields, useAthleteForm } from './AthleteFields';
import { PhotoPick } from './PhotoPick';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const plain = (name: string): string => name.trim().toLowerCase();

/** Somebody of that name is on the roster already. */
function Duplicate({ form }: { form: SchemaForm<AthleteForm> }) {
  const { data: roster = [] } = api.useRosterQuery();
  const [given, family] = useWatch({ control: form.control, name: ['givenName', 'familyName'] });
  const same = roster.find(
    ({ givenName, familyName }) =>
      plain(given) !== '' && plain(givenName) === plain(given) && plain(familyName) === plain(family),
  );
  if (!same) return null;
  return (
    <Notice>
      <Text>{texts.isAlready(same.givenName, same.familyName, same.age)}</Text>
      <Button mode="outlined" onPress={() => router.navigate(`/athletes/${same.id}/profile`)}>
        {texts.openSProfile(same.givenName)}
      </Button>
    </Notice>
  );
}

export function AddAthlete() {
  // Made once, so that a second press of the button adds nobody twice.
  const [id] = useState(() => v7());
  const form = useAthleteForm(emptyAthlete);
  const [more, setMore] = useState(false);
  const [photo, setPhoto] = useState<Blob | null>(null);
  const [add, { isLoading, error }] = lazyEndpoints.useAddAthleteMutation();
  const [putPhoto] = lazyEndpoints.usePutPhotoMutation();
  const save = form.handleSubmit(
    async (athlete: AthleteForm) => {
      try {
        await add({ ...athlete, id }).unwrap();
        // Without it the athlete is there all the same; the profile takes one later.
        if (photo) await putPhoto({ athleteId: id, png: photo });
        router.replace(`/athletes/${id}/look`);
      } catch (refused) {
        showRefusal(form, refused);
      }
    },
    // What is wrong may stand in a section that is not shown yet.
    () => setMore(true),
  );
  return (
    <Screen
      title={texts.newAthlete}
      back={{ label: texts.back, to: '/roster' }}
      foot={
        <ActionBar>
          {error ? <ErrorNotice error={error} /> : null}
          <Button mode="contained" loading={isLoading} onPress={() => void save()}>
            {texts.addAthleteAndTake}
          </Button>
        </ActionBar>
      }
    >
      <FirstFields form={form} />
      <Duplicate form={form} />
      <Button
        mode="text"
        icon={more ? 'chevron-up' : 'chevron-down'}
        aria-expanded={more}
        style={{ alignSelf: 'flex-start' }}
        onPress={() => setMore(!more)}
      >
        {texts.moreAboutTheAthlete}
      </Button>
      {more ? (
        <>
          <PhotoPick photo={photo} onPhoto={setPhoto} />
          <MoreFields form={form} />
        </>
      ) : null}
    </Screen>
  );
}
