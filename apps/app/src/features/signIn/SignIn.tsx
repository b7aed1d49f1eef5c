import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { api } from '../../store/api';
import { PlainField } from '../../ui/form/PlainField';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { PageTitle } from '../../ui/Screen/Screen';
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

export function SignIn({ demo }: { demo: boolean }) {
  const [signIn, signing] = api.useSignInMutation();
  const [enterDemo, entering] = api.useEnterDemoMutation();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const submit = () => void signIn({ email: email.trim(), password });
  const error = signing.error ?? entering.error;
  return (
    <View style={styles.root} role="main">
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
      <PlainField
        label="E-mail"
        value={email}
        onChange={setEmail}
        inputMode="email"
        autoComplete="email"
        onEnter={submit}
      />
      <PlainField
        label="Password"
        value={password}
        onChange={setPassword}
        secret
        autoComplete="current-password"
        onEnter={submit}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Button
        mode={demo ? 'outlined' : 'contained'}
        onPress={submit}
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
  root: { width: '100%', maxWidth: 440, alignSelf: 'center', padding: 20, gap: 14 },
  tall: { minHeight: 48 },
});
