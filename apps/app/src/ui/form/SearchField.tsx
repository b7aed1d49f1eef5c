import { StyleSheet, TextInput, View } from 'react-native';
import { faces } from '../../theme/faces';
import { useColours } from '../../theme/theme';
import { Icon } from '../Icon/Icon';

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  autoFocus?: boolean;
}

export function SearchField({ label, value, onChange, autoFocus }: Props) {
  const own = useColours();
  return (
    <View style={[styles.field, { backgroundColor: own.surface, borderColor: own.line }]}>
      <Icon name="magnify" colour={own.inkSoft} />
      <TextInput
        role="searchbox"
        aria-label={label}
        placeholder={label}
        placeholderTextColor={own.inkSoft}
        value={value}
        onChangeText={onChange}
        autoFocus={autoFocus ?? false}
        style={[styles.input, { color: own.ink }]}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  field: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    borderWidth: 1,
    borderRadius: 8,
    paddingHorizontal: 12,
  },
  input: { flex: 1, minHeight: 46, fontSize: 17, fontFamily: faces.text },
});
