import { useEffect, useRef } from 'react';
import { StyleSheet, type TextStyle, type View, type ViewStyle } from 'react-native';
import { Button as PaperButton, type ButtonProps } from 'react-native-paper';

/** A button that a thumb finds: 44 px high at least, and its words go on in a second line where they must. */
export function Button({
  style,
  contentStyle,
  labelStyle,
  'aria-expanded': expanded,
  ...props
}: ButtonProps) {
  const touched = useRef<View>(null);
  useEffect(() => {
    // Paper puts it on the box around what is tapped, where a reader does not find it.
    const node = touched.current as unknown as HTMLElement | null;
    if (expanded !== undefined) node?.setAttribute('aria-expanded', String(expanded));
  }, [expanded]);
  return (
    <PaperButton
      {...props}
      {...(expanded === undefined ? {} : { touchableRef: touched as React.RefObject<View> })}
      style={[styles.button, style]}
      contentStyle={[styles.content, contentStyle]}
      labelStyle={[styles.label, labelStyle]}
    />
  );
}

const styles = StyleSheet.create({
  button: { maxWidth: '100%' },
  content: { minHeight: 44 } satisfies ViewStyle,
  label: { whiteSpace: 'normal', flexShrink: 1 } as TextStyle,
});
