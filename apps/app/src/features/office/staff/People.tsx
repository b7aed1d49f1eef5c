import {
  newInvitation,
  type InvitationRecord,
  type NewInvitation,
  type StaffRecord,
} from '@wrightonic/contract';
import { actNames, permissions, roles, type Act, type Role } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { Card } from '../../../ui/Card/Card';
import { CopyText } from '../../../ui/CopyAddress/CopyText';
import { FormChoices, FormText } from '../../../ui/form/bound';
import { Choices } from '../../../ui/form/Choices';
import { showRefusal, useSchemaForm } from '../../../ui/form/schemaForm';
import { SelectField } from '../../../ui/form/SelectField';
import { ErrorNotice, Notice, Waiting } from '../../../ui/Notice/Notice';
import { Heading, Screen } from '../../../ui/Screen/Screen';
import { Section } from '../../../ui/Section/Section';
import { dayAt, dayWords } from '../../../ui/words/days';
import { roleNames, texts } from './texts';

const back = { label: texts.back, to: '/office' } as const;
const roleOptions = roles.map((value) => ({ value, text: roleNames[value] }));

/** Who works here: what each may do, who was invited, who left. */
export function People() {
  const { data, error, refetch } = lazyEndpoints.usePeopleQuery();
  const { data: invited = [] } = lazyEndpoints.useInvitationsQuery();
  return (
    <Screen title={texts.people} back={back}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingThePeople} /> : null}
      {(data ?? []).map((person) => (
        <Person key={person.id} person={person} all={data!} />
      ))}
      {data ? <Invite invited={invited} /> : null}
      <Section title={texts.whatEachRoleMayDo} told={texts.ownerInstructorAssistant}>
        {roles.map((role) => (
          <View key={role} style={styles.role}>
            <Text variant="titleMedium">{roleNames[role]}</Text>
            {permissions[role].map((act: Act) => (
              <Text key={act}>{actNames[act]}</Text>
            ))}
          </View>
        ))}
      </Section>
    </Screen>
  );
}

function Person({ person, all }: { person: StaffRecord; all: readonly StaffRecord[] }) {
  const me = useMe();
  const today = useToday();
  const [change, changing] = lazyEndpoints.useChangePersonMutation();
  const [asked, setAsked] = useState(false);
  const { id, name, email, role, active, campId, secondFactor, lessons, seenAt } = person;
  const facts = [
    email,
    active ? null : texts.deactivated,
    campId ? texts.helpsAtACamp : null,
    secondFactor ? texts.secondFactorOn : null,
    seenAt ? texts.lastSignedIn(dayWords(dayAt(seenAt, me.academy.zone), today)) : null,
  ];
  return (
    <Card>
      <Heading>{id === me.person.id ? texts.you(name) : name}</Heading>
      <Text>{facts.filter(Boolean).join(' · ')}</Text>
      {active && !campId ? (
        <Choices<Role>
          label={texts.roleOf(name)}
          value={role}
          onChange={(next) => (next === role ? undefined : void change({ id, role: next, active }))}
          options={roleOptions}
        />
      ) : null}
      {lessons > 0 ? <HandOver person={person} all={all} /> : null}
      {changing.error ? <ErrorNotice error={changing.error} /> : null}
      {active && asked ? (
        <Notice alert>
          <Text>{texts.deactivateAsk(name)}</Text>
          <View style={styles.row}>
            <Button
              mode="contained"
              loading={changing.isLoading}
              onPress={() => void change({ id, role, active: false }).then(() => setAsked(false))}
            >
              {texts.deactivate(name)}
            </Button>
            <Button mode="text" onPress={() => setAsked(false)}>
              {texts.cancel}
            </Button>
          </View>
        </Notice>
      ) : active ? (
        <Button mode="text" style={styles.start} onPress={() => setAsked(true)}>
          {texts.deactivate(name)}
        </Button>
      ) : (
        <Button mode="text" style={styles.start} onPress={() => void change({ id, role, active: true })}>
          {texts.activate(name)}
        </Button>
      )}
    </Card>
  );
}

/** The lessons to come of somebody become those of another. */
function HandOver({ person, all }: { person: StaffRecord; all: readonly StaffRecord[] }) {
  const [give, giving] = lazyEndpoints.useHandOverMutation();
  const others = all.filter(({ id, active, role }) => active && role !== 'assistant' && id !== person.id);
  const [to, setTo] = useState('');
  if (others.length === 0) return null;
  return (
    <View style={styles.part}>
      <Text>{texts.lessonsToCome(person.lessons)}</Text>
      <SelectField
        label={texts.handThemOverTo}
        value={to}
        onChange={setTo}
        options={[
          { value: '', text: texts.nobody },
          ...others.map(({ id, name }) => ({ value: id, text: name })),
        ]}
      />
      {giving.error ? <ErrorNotice error={giving.error} /> : null}
      {to ? (
        <Button
          mode="outlined"
          style={styles.start}
          loading={giving.isLoading}
          onPress={() => void give({ id: person.id, to })}
        >
          {texts.handOverLessons(person.lessons)}
        </Button>
      ) : null}
    </View>
  );
}

const empty = (): NewInvitation => ({ id: v7(), name: '', email: '', role: 'instructor' });

function Invite({ invited }: { invited: readonly InvitationRecord[] }) {
  const { academy } = useMe();
  const today = useToday();
  const [invite, inviting] = lazyEndpoints.useInviteMutation();
  const [end, ending] = lazyEndpoints.useEndInvitationMutation();
  const [link, setLink] = useState<string | null>(null);
  const form = useSchemaForm<NewInvitation>(newInvitation, empty());
  const save = form.handleSubmit(async (wish) => {
    const answer = await invite({ ...wish, email: wish.email.trim() });
    if ('error' in answer) return showRefusal(form, answer.error);
    setLink(`${location.origin}/join/${answer.data.token}`);
    form.reset(empty());
  });
  return (
    <Card>
      <Heading>{texts.inviteSomebody}</Heading>
      {link ? (
        <Notice icon="link-variant">
          <Text>{texts.linkIsShownOnce}</Text>
          <CopyText label={texts.copyTheLink} text={link} />
          <Button mode="outlined" style={styles.start} onPress={() => setLink(null)}>
            {texts.iHaveCopiedIt}
          </Button>
        </Notice>
      ) : null}
      <FormText form={form} name="name" atMost={120} />
      <FormText form={form} name="email" inputMode="email" atMost={200} />
      <FormChoices form={form} name="role" options={roleOptions} />
      {inviting.error ? <ErrorNotice error={inviting.error} /> : null}
      <Button mode="contained" style={styles.start} loading={inviting.isLoading} onPress={() => void save()}>
        {texts.invite}
      </Button>
      {invited.length ? <Text variant="labelLarge">{texts.openInvitations}</Text> : null}
      {ending.error ? <ErrorNotice error={ending.error} /> : null}
      {invited.map(({ id, name, email, role, expiresAt }) => {
        const until = dayAt(expiresAt, academy.zone);
        return (
          <View key={id} style={styles.row}>
            <Text style={styles.grow}>
              {texts.invited(
                name,
                email,
                roleNames[role].toLowerCase(),
                dayWords(until, today),
                until < today,
              )}
            </Text>
            <Button mode="text" onPress={() => void end(id)} accessibilityLabel={texts.takeBackOf(name)}>
              {texts.takeBack}
            </Button>
          </View>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  part: { gap: 8 },
  role: { gap: 4, paddingBottom: 8 },
  grow: { flex: 1, minWidth: 160 },
  start: { alignSelf: 'flex-start' },
});
