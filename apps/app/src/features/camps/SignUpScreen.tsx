import { campSignUp, type CampSignUp, type SignUpPage } from '@wrightonic/contract';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { FormChoices, FormDate, FormText } from '../../ui/form/bound';
import { showRefusal, useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Notice, Waiting } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { longDay } from '../../ui/words/days';
import { disciplineNames, handNames } from '../../ui/words/kindWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** The page behind a link on which somebody is signed up for a camp; it shows nothing of anybody else. */
export function SignUpScreen() {
  const { token = '' } = useLocalSearchParams<{ token: string }>();
  const { data, error, refetch } = lazyEndpoints.useSignUpPageQuery(token);
  if (!data)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.opening} />
    );
  return <Form page={data} token={token} />;
}

const empty = (): CampSignUp => ({
  id: v7(),
  givenName: '',
  familyName: '',
  discipline: 'overhand',
  throws: 'R',
  birthdate: '',
  allergies: '',
  guardian: '',
  phone: '',
});

function Form({ page, token }: { page: SignUpPage; token: string }) {
  const [send, { isLoading, error }] = lazyEndpoints.useSignUpMutation();
  const [done, setDone] = useState('');
  const form = useSchemaForm<CampSignUp>(campSignUp, empty());
  const save = form.handleSubmit(async (body) => {
    const answer = await send({ token, body });
    if ('error' in answer) return showRefusal(form, answer.error);
    setDone(body.givenName);
    form.reset(empty());
  });
  const days =
    page.firstDay === page.lastDay
      ? longDay(page.firstDay)
      : texts.to(longDay(page.firstDay), longDay(page.lastDay));
  return (
    <Screen title={page.name}>
      <Text>{[page.academy, days, page.venue].filter(Boolean).join(' · ')}</Text>
      {done ? (
        <Notice icon="check">
          <Text role="status">{texts.isSignedUpCamp(done)}</Text>
        </Notice>
      ) : null}
      <FormText form={form} name="givenName" atMost={60} />
      <FormText form={form} name="familyName" atMost={60} />
      <FormDate form={form} name="birthdate" />
      <FormChoices
        form={form}
        name="discipline"
        options={(['overhand', 'windmill'] as const).map((value) => ({
          value,
          text: disciplineNames[value],
        }))}
      />
      <FormChoices
        form={form}
        name="throws"
        options={(['R', 'L'] as const).map((value) => ({ value, text: handNames[value] }))}
      />
      <FormText form={form} name="guardian" atMost={80} />
      <FormText form={form} name="phone" atMost={40} inputMode="tel" />
      <FormText form={form} name="allergies" atMost={500} optional />
      <Text variant="bodySmall">{texts.onlyCampStaffSee}</Text>
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={isLoading} contentStyle={styles.tall} onPress={() => void save()}>
          {texts.signUp}
        </Button>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' }, tall: { minHeight: 48 } });
