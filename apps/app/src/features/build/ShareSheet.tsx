import type { BuildPage, MadeShare } from '@wrightonic/contract';
import { useState } from 'react';
import { Linking, ScrollView, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { CopyText } from '../../ui/CopyAddress/CopyText';
import { OpenLinks } from '../../ui/CopyAddress/OpenLinks';
import { Choices } from '../../ui/form/Choices';
import { SelectField } from '../../ui/form/SelectField';
import { ErrorNotice, Notice, Waiting } from '../../ui/Notice/Notice';
import { ScreenCode } from '../../ui/ScreenCode/ScreenCode';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

const lasting = [
  { value: 7, text: texts.aWeek },
  { value: 30, text: texts.days },
  { value: 90, text: texts.days2 },
];

/** Makes the link the first time it is asked for, and again when it is to be another. */
function useLink(athleteId: string) {
  const [wish, setWish] = useState({ days: 30, names: false, forWhom: '' });
  const [made, setMade] = useState<MadeShare | null>(null);
  const [make, making] = lazyEndpoints.useMakeShareMutation();
  const [end, ending] = lazyEndpoints.useEndShareMutation();
  const takeBack = async (share: string) => {
    await end({ athleteId, share, body: { id: v7() } });
    setMade((now) => (now?.id === share ? null : now));
  };
  const open = async (wanted = wish) => {
    const { data } = await make({ athleteId, body: { id: v7(), ...wanted } });
    if (data) setMade(data);
    return data;
  };
  return {
    wish,
    made,
    making,
    ending,
    open,
    takeBack,
    /** Another link in place of the one that was made. */
    change: async (change: Partial<typeof wish>) => {
      const wanted = { ...wish, ...change };
      setWish(wanted);
      const before = made;
      if ((await open(wanted)) && before) await end({ athleteId, share: before.id, body: { id: v7() } });
    },
  };
}

interface Props {
  page: BuildPage;
  visible: boolean;
  onClose: () => void;
  link: ReturnType<typeof useLink>;
}

/** The week for the athlete and the family: a message, a code to scan, paper, a calendar. */
function ShareSheet({ page, visible, onClose, link }: Props) {
  const { id, givenName } = page.athlete;
  const { wish, made, making, ending } = link;
  const { data: links } = lazyEndpoints.useSharesQuery(id);
  const address = made ? `${location.origin}/s/${made.token}` : '';
  const file = (name: string) => `/api/shared/${made!.token}/${name}`;
  return (
    <Portal>
      <Dialog visible={visible} onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{texts.shareWith(givenName)}</Dialog.Title>
        <Dialog.ScrollArea>
          <ScrollView contentContainerStyle={styles.inside}>
            {making.error ? <ErrorNotice error={making.error} again={() => void link.open()} /> : null}
            {made ? (
              <>
                <CopyText
                  key={address}
                  label={texts.copyMessage}
                  text={texts.sPractice(givenName, address)}
                />
                <View style={styles.beside}>
                  <ScreenCode text={address} label={texts.codeOfTheLink} />
                  <View style={styles.ways}>
                    <CopyText label={texts.copyLink} text={address} hidden />
                    <Button icon="printer" onPress={() => void Linking.openURL(file('week.pdf'))}>
                      {texts.printTheSheet}
                    </Button>
                    <Button icon="calendar-export" onPress={() => void Linking.openURL(file('week.ics'))}>
                      {texts.addToACalendar}
                    </Button>
                    <Button icon="eye-outline" onPress={() => void Linking.openURL(`/s/${made.token}`)}>
                      {texts.openAsTheySee}
                    </Button>
                  </View>
                </View>
                <MailTo page={page} text={texts.sPractice(givenName, address)} />
                <Text variant="bodySmall">{texts.anyoneWithThisLink}</Text>
                <SelectField
                  label={texts.whoseLink}
                  value={wish.forWhom}
                  onChange={(forWhom) => void link.change({ forWhom })}
                  options={[
                    { value: '', text: texts.wholeFamily },
                    ...[givenName, ...page.athlete.guardians.map(({ name }) => name)].map((name) => ({
                      value: name.slice(0, 60),
                      text: name,
                    })),
                  ]}
                />
                <Choices
                  label={texts.linkIsOpenFor}
                  shown
                  value={wish.days}
                  onChange={(days) => void link.change({ days })}
                  options={lasting}
                />
                <Choices
                  label={texts.whatItSays}
                  shown
                  value={wish.names}
                  onChange={(names) => void link.change({ names })}
                  options={[
                    { value: false, text: texts.whatToDo },
                    { value: true, text: texts.namesOfFlaws },
                  ]}
                />
              </>
            ) : making.isLoading ? (
              <Waiting what={texts.makingTheLink} />
            ) : (
              <Button mode="contained" icon="share-variant" onPress={() => void link.open()}>
                {texts.makeALink}
              </Button>
            )}
            {ending.error ? <ErrorNotice error={ending.error} /> : null}
            <OpenLinks
              called={texts.link}
              links={links ?? []}
              onTakeBack={(share) => void link.takeBack(share)}
            />
          </ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions>
          <Button onPress={onClose}>{texts.close}</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

/** The week by mail to a guardian: nothing goes out unless somebody sends it. */
function MailTo({ page, text }: { page: BuildPage; text: string }) {
  const [send, sending] = lazyEndpoints.useSendWeeklyLineMutation();
  const [sentTo, setSentTo] = useState<string | null>(null);
  const { id: athleteId, guardians } = page.athlete;
  const mail = async (guardian: number, name: string) => {
    const answer = await send({ athleteId, body: { id: v7(), guardian, text } });
    if ('data' in answer && answer.data) setSentTo(texts.mailSent(name, answer.data.simulated));
  };
  return (
    <>
      {/* Where the thumb is: below, it would be under the edge of the sheet. */}
      {sending.error ? <ErrorNotice error={sending.error} /> : null}
      {sentTo ? (
        <Notice icon="check-bold">
          <Text role="status">{sentTo}</Text>
        </Notice>
      ) : null}
      {guardians.map(({ name, email }, n) =>
        email ? (
          <Button
            key={name}
            icon="email-outline"
            style={styles.start}
            loading={sending.isLoading}
            onPress={() => void mail(n, name)}
          >
            {texts.mailItTo(name)}
          </Button>
        ) : null,
      )}
    </>
  );
}

/** The button that hands the week over, and what it opens. */
export function ShareButton({ page }: { page: BuildPage }) {
  const [visible, setVisible] = useState(false);
  const link = useLink(page.athlete.id);
  return (
    <>
      <Button
        mode="contained"
        icon="share-variant"
        contentStyle={styles.tall}
        style={styles.grow}
        onPress={() => {
          setVisible(true);
          if (!link.made && !link.making.isLoading) void link.open();
        }}
      >
        {texts.shareWith(page.athlete.givenName)}
      </Button>
      <ShareSheet page={page} visible={visible} onClose={() => setVisible(false)} link={link} />
    </>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 520, width: '94%', alignSelf: 'center', maxHeight: '90%' },
  inside: { paddingVertical: 12, gap: 12 },
  beside: { flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'center' },
  ways: { alignItems: 'flex-start' },
  tall: { minHeight: 48 },
  grow: { flexGrow: 1 },
  start: { alignSelf: 'flex-start' },
});
