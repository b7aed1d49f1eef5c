import { StyleSheet } from 'react-native';
import { IconButton as PaperIconButton, type IconButtonProps } from 'react-native-paper';

/** A button with an icon alone; a border does not take from what the thumb gets. */
export function IconButton({ style, ...props }: IconButtonProps) {
  return (
    <PaperIconButton {...props} style={[props.mode === 'outlined' ? styles.lined : styles.plain, style]} />
  );
}

const styles = StyleSheet.create({
  plain: { width: 44, height: 44 },
  lined: { width: 46, height: 46 },
});
