import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { goBack } from './goBack';
import { HelpButton } from './HelpButton';
import { Pane } from './Pane';
import { texts } from '../texts';
import { IconButton } from '../Button/IconButton';

interface Props {
  title: string;
  /** Leads back from a page that belongs to another. */
  back?: { label: string; to: Href } | null;
  /** Beside the title. */
  action?: ReactNode;
  foot?: ReactNode;
  maxWidth?: number;
  children: ReactNode;
}

export function Screen({ title, back, action, foot, maxWidth, children }: Props) {
  return (
    <View style={styles.root} role="main">
      <PageTitle>{title}</PageTitle>
      <Pane foot={foot} {...(maxWidth ? { maxWidth } : {})}>
        <TitleRow title={title} back={back ?? null} action={action} />
        {children}
      </Pane>
    </View>
  );
}

export function TitleRow({ title, back, action }: Pick<Props, 'title' | 'back' | 'action'>) {
  return (
    <View style={styles.head}>
      {back ? (
        <IconButton
          icon="chevron-left"
          accessibilityLabel={back.label}
          style={styles.back}
          onPress={() => goBack(back.to)}
        />
      ) : null}
      <Text variant="headlineLarge" role="heading" aria-level={1} style={styles.grow}>
        {title}
      </Text>
      <View style={styles.side}>
        {action}
        <HelpButton />
      </View>
    </View>
  );
}

/** The browser's title of the page. */
export const PageTitle = ({ children }: { children: string }) => <title>{texts.wrightonic(children)}</title>;

export function Heading({ children, level = 2 }: { children: ReactNode; level?: 2 | 3 }) {
  return (
    <Text
      variant={level === 2 ? 'titleLarge' : 'titleMedium'}
      role="heading"
      aria-level={level}
      style={styles.heading}
    >
      {children}
    </Text>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8, minHeight: 48 },
  // A short title keeps its buttons beside it.
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: '50%' },
  side: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8, maxWidth: '100%' },
  back: { marginLeft: -8 },
  heading: { marginTop: 4 },
});
