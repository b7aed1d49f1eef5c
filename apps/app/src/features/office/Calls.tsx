import { judged, percent, type Tally } from '@wrightonic/core';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { texts } from './texts';

const turned = (tally: Tally): string =>
  judged(tally) ? texts.ofBetter(tally.better, judged(tally), tally.worse) : texts.notLookedAtSince;

const callWords = (whose: string, { accepted, overruled }: { accepted: Tally; overruled: Tally }): string => {
  const all = accepted.calls + overruled.calls;
  if (all === 0) return texts.noFocusWasAccepted(whose);
  return texts.ofProposalsOverruledAccepted(
    whose,
    overruled.calls,
    all,
    percent(overruled.calls / all),
    turned(accepted),
    turned(overruled),
  );
};

/** How often the trace was overruled, and how those calls turned out. */
export function Calls() {
  const { data, error, refetch } = lazyEndpoints.useCallsQuery();
  return (
    <View style={{ gap: 8 }}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {data ? (
        <>
          <Text>{callWords(texts.yours, data.yours)}</Text>
          <Text>{callWords(texts.theAcademys, data.academy)}</Text>
          <Text variant="bodySmall">{texts.aCallIsBetter}</Text>
        </>
      ) : null}
    </View>
  );
}
