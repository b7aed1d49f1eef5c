import { invitationAnswer } from '@wrightonic/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Button } from '../../ui/Button/Button';
import { FormText } from '../../ui/form/bound';
import { NewPassword } from '../../ui/form/NewPassword';
import { showRefusal, useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { roleWords, texts } from './texts';
import { WayIn } from './WayIn';

/** What an invitation opens: the account is made here. */
export function Join() {
  const { token: link = '' } = useLocalSearchParams<{ token: string }>();
  const { data, error, refetch } = lazyEndpoints.useInvitationQuery(link);
  if (!data)
    return (
      <WayIn title={texts.invitation}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what={texts.opening} />
        )}
      </WayIn>
    );
  return (
    <WayIn title={texts.welcomeTo(data.academy)}>
      <Text>{texts.invitesYou(data.by, roleWords[data.role])}</Text>
      <Text>{texts.youSignInWith(data.email)}</Text>
      <Account link={link} name={data.name} />
    </WayIn>
  );
}

function Account({ link, name }: { link: string; name: string }) {
  const [join, joining] = lazyEndpoints.useJoinMutation();
  const form = useSchemaForm(invitationAnswer, { name, password: '' });
  const save = form.handleSubmit(async (answer) => {
    const given = await join({ link, ...answer });
    if ('error' in given) return showRefusal(form, given.error);
    router.replace('/');
  });
  return (
    <>
      <FormText form={form} name="name" autoComplete="name" atMost={120} />
      <NewPassword form={form} name="password" onSubmit={() => void save()} />
      {joining.error ? <ErrorNotice error={joining.error} /> : null}
      <Button mode="contained" loading={joining.isLoading} onPress={() => void save()}>
        {texts.createTheAccount}
      </Button>
    </>
  );
}
