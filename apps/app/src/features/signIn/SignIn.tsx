import type { SignIn as Form } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { useForm } from 'react-hook-form';
import { Button, Text } from 'react-native-paper';
import { api } from '../../store/api';
import { Field } from '../../ui/form/Field';
import { checkedBy } from '../../ui/form/checkedBy';
import { Trouble } from '../../ui/Notice';
import { PageTitle } from '../../ui/Screen';
import { Seam } from '../../ui/seam/Seam';

/** A delivery to look at while signing in. */
const shown = {
  'oh.weight-back': 0,
  'oh.lift-stall': 3,
  'oh.wobble': 0,
  'oh.hip-not-leading': 2,
  'oh.late-hand': 1,
  'oh.shoulders-early': 2,
  'oh.no-post': 1,
} as const;

export default function SignIn({ demo }: { demo: boolean }) {
  const [signIn, signing] = api.useSignInMutation();
  const [enterDemo, entering] = api.useEnterDemoMutation();
  const { control, handleSubmit } = useForm<Form>({
    defaultValues: { email: '', password: '' },
    resolver: checkedBy('signIn'),
  });
  const submit = handleSubmit((form) => void signIn(form));
  const error = signing.error ?? entering.error;
  return (
    <View style={styles.whole} role="main">
      <PageTitle>Sign in</PageTitle>
      <Text variant="displaySmall" role="heading" aria-level={1}>
        Wrightonic
      </Text>
      <Seam discipline="overhand" findings={shown} size="row" label="An example of a delivery" />
      <Text variant="bodyLarge">Find the cause, drill it, count it, prove the gain.</Text>
      {demo ? (
        <Button
          mode="contained"
          onPress={() => void enterDemo()}
          loading={entering.isLoading}
          contentStyle={styles.tall}
        >
          Look around the demo academy
        </Button>
      ) : null}
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="email" />
      <Field
        control={control}
        name="password"
        label="Password"
        secret
        autoComplete="current-password"
        onSubmit={() => void submit()}
      />
      {error ? <Trouble error={error} /> : null}
      <Button
        mode={demo ? 'outlined' : 'contained'}
        onPress={() => void submit()}
        loading={signing.isLoading}
        contentStyle={styles.tall}
      >
        Sign in
      </Button>
      <Text variant="bodySmall">
        Wrightonic helps to plan practice. It is not a medical device and gives no diagnosis of an injury:
        with pain, stop and ask a licensed clinician.
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { width: '100%', maxWidth: 440, alignSelf: 'center', padding: 20, gap: 14 },
  tall: { minHeight: 48 },
});
