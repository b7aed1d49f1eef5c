import { router, usePathname } from 'expo-router';
import { texts } from '../texts';
import { IconButton } from '../Button/IconButton';

/** Leads to the part of the guide that belongs to where one stands. */
export function HelpButton() {
  const path = usePathname();
  return (
    <IconButton
      icon="help-circle-outline"
      style={{ width: 44, height: 44, margin: 0 }}
      accessibilityLabel={texts.helpOnThisPage}
      onPress={() => router.navigate(`/help?at=${encodeURIComponent(path)}`)}
    />
  );
}
