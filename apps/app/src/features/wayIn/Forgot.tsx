import { resetWish } from '@wrightonic/contract';
import { router } from 'expo-router';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Button } from '../../ui/Button/Button';
import { FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { WayIn } from './WayIn';

/** Asks for a link by which a new password can be chosen. */
export function Forgot() {
  const [ask, { isLoading, error, isSuccess }] = lazyEndpoints.useAskForResetMutation();
  const form = useSchemaForm(resetWish, { email: '' });
  const send = form.handleSubmit(({ email }) => void ask({ email: email.trim() }));
  return (
    <WayIn title={texts.forgotPassword}>
      {isSuccess ? (
        <Notice icon="email-outline">{texts.ifThereIsAnAccount}</Notice>
      ) : (
        <>
          <Text>{texts.weSendALink}</Text>
          <FormText
            form={form}
            name="email"
            inputMode="email"
            autoComplete="email"
            atMost={200}
            onSubmit={() => void send()}
          />
          {error ? <ErrorNotice error={error} /> : null}
          <Button mode="contained" loading={isLoading} onPress={() => void send()}>
            {texts.sendTheLink}
          </Button>
        </>
      )}
      <Button onPress={() => router.replace('/')}>{texts.signIn}</Button>
    </WayIn>
  );
}
