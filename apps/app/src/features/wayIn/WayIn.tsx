import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PageTitle } from '../../ui/Screen/Screen';

/** A page for somebody who is not in yet. */
export const WayIn = ({ title, children }: { title: string; children: ReactNode }) => (
  <ScrollView style={styles.root} contentContainerStyle={styles.middle}>
    <View role="main" style={styles.page}>
      <PageTitle>{title}</PageTitle>
      <Text variant="headlineLarge" role="heading" aria-level={1}>
        {title}
      </Text>
      {children}
    </View>
  </ScrollView>
);

const styles = StyleSheet.create({
  root: { flex: 1 },
  middle: { flexGrow: 1, justifyContent: 'center' },
  page: { width: '100%', maxWidth: 480, alignSelf: 'center', padding: 20, gap: 14 },
});
