import type { LookRecord } from '@wrightonic/contract';
import { measuredTwice, nodeName } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { texts } from './texts';

/** Angles and times that were measured both times, with whether the difference is more than their error. */
export function MeasuredTwice({ before, after }: { before: LookRecord; after: LookRecord }) {
  const rows = measuredTwice(before.details, after.details);
  if (rows.length === 0) return null;
  const said = (value: number, error: number | null) =>
    `${Number(value.toFixed(1))}${error === null ? '' : ` ± ${Number(error.toFixed(1))}`}`;
  return (
    <View style={styles.root}>
      <Text variant="titleMedium" role="heading" aria-level={3}>
        {texts.measuredBothTimes}
      </Text>
      {rows.map(({ id, before: was, after: is, difference, needed, real, unit }) => (
        <Text key={id}>
          {`${nodeName(id)}: ${said(was.value, was.error)} → ${said(is.value, is.error)} ${unit}, ${difference > 0 ? '+' : ''}${Number(difference.toFixed(1))}. ${
            real === null
              ? texts.itsErrorWasNot
              : real
                ? texts.moreThanTheError
                : texts.withinTheError(Number(needed!.toFixed(1)))
          }`}
        </Text>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 2, marginTop: 6 } });
