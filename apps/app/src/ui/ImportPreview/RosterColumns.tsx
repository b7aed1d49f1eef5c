import { rosterColumns } from '@wrightonic/contract';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { texts } from '../texts';

/** What a table of athletes may hold, and how its sizes are read. */
export function RosterColumns() {
  const { sizeUnit } = useMe().person;
  return (
    <>
      <Text>{texts.rosterColumns(rosterColumns.required.join(', '), rosterColumns.optional.join(', '))}</Text>
      <Text variant="bodySmall">{texts.sizesInTables[sizeUnit]}</Text>
    </>
  );
}
