import { judged, percent, type Tally } from '@wrightonic/core';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';

const turned = (tally: Tally): string =>
  judged(tally)
    ? `${tally.better} of ${judged(tally)} better at the next look, ${tally.worse} worse`
    : 'not looked at since';

const callWords = (whose: string, { accepted, overruled }: { accepted: Tally; overruled: Tally }): string => {
  const all = accepted.calls + overruled.calls;
  if (all === 0) return `${whose}: no focus was accepted yet.`;
  return `${whose}: ${overruled.calls} of ${all} proposals overruled (${percent(overruled.calls / all)}). Accepted ones: ${turned(accepted)}. Overruled ones: ${turned(overruled)}.`;
};

/** How often the trace was overruled, and how those calls turned out. */
export function Calls() {
  const { data, error, refetch } = lazyEndpoints.useCallsQuery();
  return (
    <View style={{ gap: 8 }}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {data ? (
        <>
          <Text>{callWords('Yours', data.yours)}</Text>
          <Text>{callWords('The academy’s', data.academy)}</Text>
          <Text variant="bodySmall">
            A call is better when the chosen focus was graded milder in the first finished look after it.
          </Text>
        </>
      ) : null}
    </View>
  );
}
