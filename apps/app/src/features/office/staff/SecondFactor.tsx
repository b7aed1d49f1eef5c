import { codeOnly, passwordOnly, type Account, type SecondFactorSetup } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { Button } from '../../../ui/Button/Button';
import { CopyText } from '../../../ui/CopyAddress/CopyText';
import { FormText } from '../../../ui/form/bound';
import { showRefusal, useSchemaForm } from '../../../ui/form/schemaForm';
import { ErrorNotice, Notice } from '../../../ui/Notice/Notice';
import { ScreenCode } from '../../../ui/ScreenCode/ScreenCode';
import { Heading } from '../../../ui/Screen/Screen';
import { texts } from './texts';

/** A code of the phone beside the password: turned on, told once, turned off. */
export function SecondFactor({ account }: { account: Account }) {
  const [codes, setCodes] = useState<string[] | null>(null);
  const [setup, setSetup] = useState<SecondFactorSetup | null>(null);
  const [asked, setAsked] = useState(false);
  return (
    <View style={styles.part}>
      <Heading>{texts.secondFactor}</Heading>
      {codes ? (
        <Notice icon="lock-open-outline">
          <Text>{texts.keepTheseCodes}</Text>
          <CopyText label={texts.copyTheCodes} text={codes.join('\n')} />
          <Button mode="outlined" style={styles.start} onPress={() => setCodes(null)}>
            {texts.iHaveKeptThem}
          </Button>
        </Notice>
      ) : setup ? (
        <Confirm
          setup={setup}
          onDone={(made) => {
            setSetup(null);
            setAsked(false);
            setCodes(made);
          }}
        />
      ) : asked ? (
        <Ask on={account.secondFactor} onSetup={setSetup} onClose={() => setAsked(false)} />
      ) : (
        <>
          <Text>
            {account.secondFactor
              ? texts.secondFactorIsOn(account.recoveryCodesLeft)
              : texts.secondFactorIsOff}
          </Text>
          <Button mode="outlined" style={styles.start} onPress={() => setAsked(true)}>
            {account.secondFactor ? texts.turnItOff : texts.turnItOn}
          </Button>
        </>
      )}
    </View>
  );
}

interface AskProps {
  on: boolean;
  onSetup: (setup: SecondFactorSetup) => void;
  onClose: () => void;
}

/** The password once more, before anything changes. */
function Ask({ on, onSetup, onClose }: AskProps) {
  const [begin, beginning] = lazyEndpoints.useBeginSecondFactorMutation();
  const [end, ending] = lazyEndpoints.useEndSecondFactorMutation();
  const form = useSchemaForm(passwordOnly, { password: '' });
  const go = form.handleSubmit(async (wish) => {
    const answer = on ? await end(wish) : await begin(wish);
    if ('error' in answer) return showRefusal(form, answer.error);
    if (on) onClose();
    else onSetup(answer.data as SecondFactorSetup);
  });
  const error = beginning.error ?? ending.error;
  return (
    <>
      <FormText
        form={form}
        name="password"
        secret
        autoComplete="current-password"
        atMost={200}
        onSubmit={() => void go()}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={beginning.isLoading || ending.isLoading} onPress={() => void go()}>
          {on ? texts.turnItOff : texts.goOn}
        </Button>
        <Button mode="text" onPress={onClose}>
          {texts.cancel}
        </Button>
      </View>
    </>
  );
}

function Confirm({ setup, onDone }: { setup: SecondFactorSetup; onDone: (codes: string[]) => void }) {
  const [confirm, confirming] = lazyEndpoints.useConfirmSecondFactorMutation();
  const form = useSchemaForm(codeOnly, { code: '' });
  const go = form.handleSubmit(async ({ code }) => {
    const answer = await confirm({ code: code.trim() });
    if ('error' in answer) showRefusal(form, answer.error);
    else onDone(answer.data.codes);
  });
  return (
    <>
      <Text>{texts.scanThisCode}</Text>
      <ScreenCode text={setup.uri} label={texts.codeForTheApp} />
      <Text variant="bodySmall">{texts.orTypeThis}</Text>
      <Text selectable style={styles.secret}>
        {setup.secret}
      </Text>
      <FormText
        form={form}
        name="code"
        label={texts.sixDigits}
        inputMode="numeric"
        autoComplete="one-time-code"
        atMost={20}
        onSubmit={() => void go()}
      />
      {confirming.error ? <ErrorNotice error={confirming.error} /> : null}
      <Button mode="contained" style={styles.start} loading={confirming.isLoading} onPress={() => void go()}>
        {texts.turnItOn}
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  part: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
  secret: { fontFamily: 'monospace' },
});
