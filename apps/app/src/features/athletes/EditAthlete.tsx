import type { HeadPage } from '@wrightonic/contract';
import { router } from 'expo-router';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAthlete } from '../../store/useAthlete';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { showRefusal } from '../../ui/form/schemaForm';
import { FirstFields, MoreFields, useAthleteForm } from './AthleteFields';
import { NewLessonCard } from './NewLessonCard';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

export function EditAthlete() {
  const { page } = useAthlete('head');
  return page ? <Edit athlete={page.athlete} /> : null;
}

function Edit({ athlete: { id, age: _, ...stored } }: { athlete: HeadPage['athlete'] }) {
  const form = useAthleteForm(stored);
  const [change, { isLoading, error }] = lazyEndpoints.useChangeAthleteMutation();
  const save = form.handleSubmit(async (body) => {
    try {
      await change({ athleteId: id, body }).unwrap();
      router.replace(`/athletes/${id}/profile`);
    } catch (refused) {
      showRefusal(form, refused);
    }
  });
  return (
    <Pane
      foot={
        <ActionBar>
          {error ? <ErrorNotice error={error} /> : null}
          <Button mode="contained" loading={isLoading} onPress={() => void save()}>
            {texts.save}
          </Button>
        </ActionBar>
      }
    >
      <NewLessonCard athleteId={id} />
      <Heading>{texts.aboutTheAthlete}</Heading>
      <FirstFields form={form} />
      <MoreFields form={form} />
    </Pane>
  );
}
