import { passwordChange, type Account as AccountRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { FormText } from '../../../ui/form/bound';
import { NewPassword } from '../../../ui/form/NewPassword';
import { showRefusal, useSchemaForm } from '../../../ui/form/schemaForm';
import { ErrorNotice, Notice, Waiting } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../../ui/words/days';
import { SecondFactor } from './SecondFactor';
import { SignOut } from '../SignOut';
import { texts } from './texts';

/** How one gets in, where one is in, and the way out. */
export function Account() {
  const { data, error, refetch } = lazyEndpoints.useAccountQuery();
  const { academy } = useMe();
  return (
    <View style={styles.part}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheAccount} /> : null}
      {data ? (
        <>
          <Text>{texts.youSignInWith(data.email)}</Text>
          {academy.demo ? (
            <Text>{texts.demoAccountsStay}</Text>
          ) : (
            <>
              <Password />
              <SecondFactor account={data} />
            </>
          )}
          <Sessions sessions={data.sessions} />
        </>
      ) : null}
      <SignOut />
      <Text variant="bodySmall">{texts.wrightonicHelpsToPlan}</Text>
    </View>
  );
}

function Password() {
  const [change, changing] = lazyEndpoints.useChangePasswordMutation();
  const [open, setOpen] = useState(false);
  const form = useSchemaForm(passwordChange, { current: '', password: '' });
  const save = form.handleSubmit(async (wish) => {
    const answer = await change(wish);
    if ('error' in answer) return showRefusal(form, answer.error);
    form.reset();
    setOpen(false);
  });
  return (
    <View style={styles.part}>
      <Heading>{texts.password}</Heading>
      {changing.isSuccess ? <Notice icon="check-bold">{texts.passwordIsChanged}</Notice> : null}
      {open ? (
        <>
          <FormText form={form} name="current" secret autoComplete="current-password" atMost={200} />
          <NewPassword form={form} name="password" onSubmit={() => void save()} />
          {changing.error ? <ErrorNotice error={changing.error} /> : null}
          <View style={styles.row}>
            <Button mode="contained" loading={changing.isLoading} onPress={() => void save()}>
              {texts.changeThePassword}
            </Button>
            <Button mode="text" onPress={() => setOpen(false)}>
              {texts.cancel}
            </Button>
          </View>
        </>
      ) : (
        <Button mode="outlined" style={styles.start} onPress={() => setOpen(true)}>
          {texts.changeThePassword}
        </Button>
      )}
    </View>
  );
}

function Sessions({ sessions }: Pick<AccountRecord, 'sessions'>) {
  const [end, ending] = lazyEndpoints.useEndSessionMutation();
  const { academy } = useMe();
  const today = useToday();
  return (
    <View style={styles.part}>
      <Heading>{texts.whereYouAreSignedIn}</Heading>
      {ending.error ? <ErrorNotice error={ending.error} /> : null}
      {sessions.map(({ id, agent, since, here }) => (
        <View key={id} style={styles.row}>
          <Text style={styles.grow}>
            {texts.sessionSince(agent || texts.aBrowser, dayWords(dayAt(since, academy.zone), today), here)}
          </Text>
          {here ? null : (
            <Button mode="text" onPress={() => void end(id)} accessibilityLabel={texts.signOutThere(agent)}>
              {texts.signOut}
            </Button>
          )}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 160 },
  start: { alignSelf: 'flex-start' },
});
