import { emptyAthlete, type AthleteForm } from '@wrightonic/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { Button } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { showRefusal } from '../../ui/form/schemaForm';
import { AthleteFields, useAthleteForm } from './AthleteFields';

export function AddAthlete() {
  // Made once, so that a second press of the button adds nobody twice.
  const [id] = useState(() => v7());
  const form = useAthleteForm(emptyAthlete);
  const [add, { isLoading, error }] = lazyEndpoints.useAddAthleteMutation();
  const save = form.handleSubmit(async (athlete: AthleteForm) => {
    try {
      await add({ ...athlete, id }).unwrap();
      router.replace(`/athletes/${id}/look`);
    } catch (refused) {
      showRefusal(form, refused);
    }
  });
  return (
    <Screen
      title="New athlete"
      foot={
        <ActionBar>
          {error ? <ErrorNotice error={error} /> : null}
          <Button mode="contained" loading={isLoading} onPress={() => void save()}>
            Add, then take a first look
          </Button>
        </ActionBar>
      }
    >
      <AthleteFields form={form} />
    </Screen>
  );
}
