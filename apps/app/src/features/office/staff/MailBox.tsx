import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { Card } from '../../../ui/Card/Card';
import { Empty, ErrorNotice, Notice, Waiting } from '../../../ui/Notice/Notice';
import { Heading, Screen } from '../../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../../ui/words/days';
import { texts } from './texts';

const back = { label: texts.back, to: '/office' } as const;

/** What went out by mail, or would have gone out. */
export function MailBox() {
  const { data, error, refetch } = lazyEndpoints.useMailsQuery();
  const { academy } = useMe();
  const today = useToday();
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Screen title={texts.mail} back={back}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheMail} /> : null}
      {data?.simulated ? <Notice>{texts.mailIsSimulated}</Notice> : null}
      {data && data.mails.length === 0 ? <Empty>{texts.noMailYet}</Empty> : null}
      {(data?.mails ?? []).map((mail) => (
        <Card key={mail.id}>
          <Heading>{mail.subject}</Heading>
          <Text>{texts.mailTo(mail.to, dayWords(dayAt(mail.at, academy.zone), today))}</Text>
          <Text variant="labelLarge">
            {mail.simulated
              ? texts.simulated
              : mail.sentAt
                ? texts.sent
                : mail.problem || texts.waitsToBeSent}
          </Text>
          {mail.simulated && mail.body ? (
            open === mail.id ? (
              <Text selectable>{mail.body}</Text>
            ) : (
              <View style={styles.start}>
                <Button
                  mode="text"
                  onPress={() => setOpen(mail.id)}
                  accessibilityLabel={texts.readMail(mail.subject)}
                >
                  {texts.read}
                </Button>
              </View>
            )
          ) : null}
        </Card>
      ))}
    </Screen>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
