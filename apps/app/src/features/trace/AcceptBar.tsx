import { StyleSheet } from 'react-native';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { ErrorNotice } from '../../ui/Notice/Notice';
import type { FocusChoice } from './useFocusChoice';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  choice: FocusChoice;
  /** Something that counts was marked. */
  any: boolean;
}

/** Accepts the focus, or goes on where it was accepted. */
export function AcceptBar({ choice, any }: Props) {
  const { error, none, isLoading, mayAccept, accept, changed, differs, both } = choice;
  return (
    <ActionBar>
      {error ? <ErrorNotice error={error} /> : null}
      {none && !any ? null : (
        <Button
          mode="contained"
          loading={isLoading}
          disabled={!mayAccept}
          onPress={() => void accept()}
          contentStyle={styles.tall}
        >
          {!changed
            ? texts.continueToBuild
            : `${differs ? texts.keep : texts.accept} ${both ? texts.bothFocuses : texts.theFocus}`}
        </Button>
      )}
    </ActionBar>
  );
}

const styles = StyleSheet.create({ tall: { minHeight: 48 } });
