import { resetAnswer } from '@wrightonic/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Button } from '../../ui/Button/Button';
import { NewPassword } from '../../ui/form/NewPassword';
import { showRefusal, useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Notice, Waiting } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { WayIn } from './WayIn';

/** What the link of a forgotten password opens. */
export function Reset() {
  const { token: link = '' } = useLocalSearchParams<{ token: string }>();
  const { data, error } = lazyEndpoints.useResetQuery(link);
  const [set, setting] = lazyEndpoints.useSetPasswordMutation();
  const form = useSchemaForm(resetAnswer, { password: '' });
  const save = form.handleSubmit(async ({ password }) => {
    const answer = await set({ link, password });
    if ('error' in answer) showRefusal(form, answer.error);
  });
  return (
    <WayIn title={texts.newPassword}>
      {setting.isSuccess ? (
        <>
          <Notice icon="check-bold">{texts.passwordIsSet}</Notice>
          <Button mode="contained" onPress={() => router.replace('/')}>
            {texts.signIn}
          </Button>
        </>
      ) : error ? (
        <>
          <ErrorNotice error={error} />
          <Button mode="outlined" onPress={() => router.replace('/forgot')}>
            {texts.askForAnother}
          </Button>
        </>
      ) : data ? (
        <>
          <Text>{texts.youAreSignedOut}</Text>
          <NewPassword form={form} name="password" onSubmit={() => void save()} />
          {setting.error ? <ErrorNotice error={setting.error} /> : null}
          <Button mode="contained" loading={setting.isLoading} onPress={() => void save()}>
            {texts.setThePassword}
          </Button>
        </>
      ) : (
        <Waiting what={texts.opening} />
      )}
    </WayIn>
  );
}
