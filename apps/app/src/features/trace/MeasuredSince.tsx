import { type TracePage, type LookRecord } from '@wrightonic/contract';
import { nodeName, nodeOf, severityNames, type Offer, detailOfOffer } from '@wrightonic/core';
import { StyleSheet } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../../ui/Notice/Notice';

interface Props {
  athlete: TracePage['athlete'];
  look: LookRecord;
}

const isNews =
  ({ findings }: LookRecord, discipline: string) =>
  ({ node, severity }: Offer): boolean => {
    const known = nodeOf(node);
    return findings[node] !== severity && (known?.type !== 'flaw' || known.discipline === discipline);
  };

/** What was measured and the look does not hold yet; taken in, the picture changes at once. */
export function MeasuredSince({ athlete, look }: Props) {
  const dispatch = useAppDispatch();
  const { data: offers = [] } = lazyEndpoints.useOffersQuery(athlete.id);
  const news = offers.filter(isNews(look, athlete.discipline));
  if (news.length === 0) return null;
  const wrong = news.filter(({ severity }) => severity > 0);
  const take = () => {
    for (const offer of news)
      dispatch(
        log(athlete.id, 'look-corrected', {
          lookId: look.id,
          node: offer.node,
          severity: offer.severity,
          ...detailOfOffer(offer),
          reason: 'Measured, taken in from the trace',
        }),
      );
  };
  return (
    <Notice icon="tray-arrow-down">
      <Text variant="labelLarge">Measured and not in this look yet</Text>
      {wrong.map(({ node, severity, why }) => (
        <Text key={node}>{`${nodeName(node)}: ${severityNames[severity]}. ${why}`}</Text>
      ))}
      {news.length > wrong.length ? (
        <Text>{`${news.length - wrong.length} ${wrong.length ? 'more ' : ''}measured clean.`}</Text>
      ) : null}
      <Button mode="contained" onPress={take} style={styles.start}>
        {news.length === 1 ? 'Take it into this look' : `Take all ${news.length} into this look`}
      </Button>
    </Notice>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
