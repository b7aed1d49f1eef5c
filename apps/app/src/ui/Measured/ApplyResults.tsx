import type { HeadPage, LookRecord } from '@wrightonic/contract';
import { nodeName, nodeOf, severityNames, type Offer, detailOfOffer } from '@wrightonic/core';
import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../Notice/Notice';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface Props {
  athlete: HeadPage['athlete'];
  look: LookRecord;
}

/** So many are told; the button counts all of them. */
const few = 3;
const shownOf = (n: number): number => Math.min(few, n);

const isNews =
  ({ findings }: LookRecord, discipline: string) =>
  ({ node, severity }: Offer): boolean => {
    const known = nodeOf(node);
    return findings[node] !== severity && (known?.type !== 'flaw' || known.discipline === discipline);
  };

/** Lays what was measured and the look does not hold yet over it, without another look. */
export function ApplyResults({ athlete, look }: Props) {
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
          reason: texts.measuredApplied,
        }),
      );
  };
  return (
    <Notice icon="tray-arrow-down">
      <Text variant="labelLarge">{texts.measuredSinceThisLook}</Text>
      {wrong.slice(0, few).map(({ node, severity, why }) => (
        <Text key={node}>{`${nodeName(node)}: ${severityNames[severity]}. ${why}`}</Text>
      ))}
      {news.length > shownOf(wrong.length) ? (
        <Text>{`${news.length - shownOf(wrong.length)} ${wrong.length ? 'more' : texts.measuredClean}.`}</Text>
      ) : null}
      <Button mode="contained" onPress={take} style={styles.start}>
        {texts.applyResult(news.length)}
      </Button>
    </Notice>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
