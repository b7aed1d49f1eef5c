import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api, refusalOf } from '../../store/api';
import { PlainField } from '../../ui/form/PlainField';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { PageTitle } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

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
  const [code, setCode] = useState('');
  const error = signing.error ?? entering.error;
  const [asksCode, setAsksCode] = useState(false);
  const submit = async () => {
    const answer = await signIn({ email: email.trim(), password, ...(asksCode ? { code } : {}) });
    // Who has a second factor is asked for it once the password was right.
    if (refusalOf(answer.error).fields?.some(({ field }) => field === 'code')) setAsksCode(true);
  };
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.signIn}</PageTitle>
      <Text variant="displaySmall" role="heading" aria-level={1}>
        {texts.wrightonic}
      </Text>
      <Seam discipline="overhand" findings={shown} size="row" label={texts.anExample} />
      <Text variant="bodyLarge">{texts.findTheCauseDrill}</Text>
      {demo ? (
        <Button
          mode="contained"
          onPress={() => void enterDemo()}
          loading={entering.isLoading}
          contentStyle={styles.tall}
        >
          {texts.lookAroundTheDemo}
        </Button>
      ) : null}
      <PlainField
        label={texts.eMail}
        value={email}
        onChange={setEmail}
        inputMode="email"
        autoComplete="email"
        onEnter={() => void submit()}
      />
      <PlainField
        label={texts.password}
        value={password}
        onChange={setPassword}
        secret
        autoComplete="current-password"
        onEnter={() => void submit()}
      />
      {asksCode ? (
        <PlainField
          label={texts.code}
          value={code}
          onChange={setCode}
          autoComplete="one-time-code"
          onEnter={() => void submit()}
        />
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <Button
        mode={demo ? 'outlined' : 'contained'}
        onPress={() => void submit()}
        loading={signing.isLoading}
        contentStyle={styles.tall}
      >
        {texts.signIn}
      </Button>
      <Button onPress={() => router.navigate('/forgot')}>{texts.forgotPassword}</Button>
      <Text variant="bodySmall">{texts.wrightonicHelpsToPlan}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { width: '100%', maxWidth: 440, alignSelf: 'center', padding: 20, gap: 14 },
  tall: { minHeight: 48 },
});
