import { founding, type Founding as FoundingForm } from '@wrightonic/contract';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Button } from '../../ui/Button/Button';
import { FormChoices, FormText } from '../../ui/form/bound';
import { NewPassword } from '../../ui/form/NewPassword';
import { showRefusal, useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { WayIn } from './WayIn';

const imperial = /^en-US$/i.test(typeof navigator === 'undefined' ? '' : navigator.language);

const empty = (): FoundingForm => ({
  code: '',
  academy: '',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  velocityUnit: imperial ? 'mph' : 'km/h',
  sizeUnit: imperial ? 'us' : 'metric',
  name: '',
  email: '',
  password: '',
});

/** The first page of a server without an academy. */
export function Founding() {
  const { data } = api.useAuthSessionQuery();
  const [found, finding] = lazyEndpoints.useFoundMutation();
  const [foundDemo, loading] = lazyEndpoints.useFoundDemoMutation();
  const form = useSchemaForm<FoundingForm>(founding, empty());
  const inside = Boolean(data?.me);
  useEffect(() => {
    if (inside) router.replace('/');
  }, [inside]);
  const save = form.handleSubmit(async (wish) => {
    const answer = await found({ ...wish, email: wish.email.trim() });
    if ('error' in answer) showRefusal(form, answer.error);
  });
  const demo = async () => {
    if (!(await form.trigger('code'))) return;
    const answer = await foundDemo({ code: form.getValues('code') });
    if ('error' in answer) showRefusal(form, answer.error);
  };
  if (data && !data.unfounded && !inside)
    return (
      <WayIn title={texts.foundAnAcademy}>
        <Notice>{texts.thereIsOne}</Notice>
        <Button mode="contained" onPress={() => router.replace('/')}>
          {texts.signIn}
        </Button>
      </WayIn>
    );
  const error = finding.error ?? loading.error;
  return (
    <WayIn title={texts.foundAnAcademy}>
      <Text>{texts.theServerPrinted}</Text>
      <FormText form={form} name="code" placeholder="1a2b-3c4d-5e6f" atMost={60} />
      <FormText form={form} name="academy" atMost={120} />
      <FormText form={form} name="zone" hint={texts.suchAsZone} atMost={64} />
      <FormChoices
        form={form}
        name="velocityUnit"
        options={[
          { value: 'mph', text: texts.mph },
          { value: 'km/h', text: texts.kmh },
        ]}
      />
      <FormChoices
        form={form}
        name="sizeUnit"
        options={[
          { value: 'us', text: texts.feetAndPounds },
          { value: 'metric', text: texts.metric },
        ]}
      />
      <FormText form={form} name="name" autoComplete="name" atMost={120} />
      <FormText form={form} name="email" inputMode="email" autoComplete="email" atMost={200} />
      <NewPassword form={form} name="password" onSubmit={() => void save()} />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained" loading={finding.isLoading} onPress={() => void save()}>
        {texts.foundTheAcademy}
      </Button>
      <Text>{texts.orLookAround}</Text>
      <Button mode="outlined" loading={loading.isLoading} onPress={() => void demo()}>
        {texts.loadTheDemo}
      </Button>
    </WayIn>
  );
}
