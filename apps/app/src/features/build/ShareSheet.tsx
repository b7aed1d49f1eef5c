import type { BuildPage, MadeShare } from '@wrightonic/contract';
import { create } from 'qrcode';
import { useMemo, useState } from 'react';
import { Linking, ScrollView, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import Svg, { Path, Rect } from 'react-native-svg';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { day } from '../../theme/colours';
import { CopyText } from '../../ui/CopyAddress/CopyText';
import { OpenLinks } from '../../ui/CopyAddress/OpenLinks';
import { Choices } from '../../ui/form/Choices';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

const lasting = [
  { value: 7, text: texts.aWeek },
  { value: 30, text: texts.days },
  { value: 90, text: texts.days2 },
];

const codeSize = 176;

/** An address as a code that a phone reads from the screen; always dark on light. */
function ScreenCode({ address }: { address: string }) {
  const { path, size } = useMemo(() => {
    const { modules } = create(address, { errorCorrectionLevel: 'M' });
    let path = '';
    for (let row = 0; row < modules.size; row++)
      for (let column = 0; column < modules.size; column++)
        if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
    return { path, size: modules.size };
  }, [address]);
  return (
    <View role="img" aria-label={texts.codeOfTheLink}>
      <Svg width={codeSize} height={codeSize} viewBox={`-3 -3 ${size + 6} ${size + 6}`} aria-hidden>
        <Rect x={-3} y={-3} width={size + 6} height={size + 6} fill={day.surface} />
        <Path d={path} fill={day.ink} />
      </Svg>
    </View>
  );
}

/** Makes the link the first time it is asked for, and again when it is to be another. */
function useLink(athleteId: string) {
  const [wish, setWish] = useState({ days: 30, names: false });
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
                  <ScreenCode address={address} />
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
                <Text variant="bodySmall">{texts.anyoneWithThisLink}</Text>
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
});
