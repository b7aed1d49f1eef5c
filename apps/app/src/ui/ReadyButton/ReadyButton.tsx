import { router } from 'expo-router';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { readyWords } from '../words/readyWords';
import { Button } from '../Button/Button';

/** Leads to whoever is ready for another stage; nothing where nobody is. */
export function ReadyButton() {
  const { data } = lazyEndpoints.useStageProposalsQuery();
  const words = data && readyWords(data);
  return words ? (
    <Button mode="contained-tonal" icon="arrow-up" onPress={() => router.navigate('/roster/moves')}>
      {words}
    </Button>
  ) : null;
}
