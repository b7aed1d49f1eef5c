import { useRef, useState } from 'react';
import { View } from 'react-native';
import { Notice } from '../Notice/Notice';
import type { IconName } from '../Icon/Icon';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface Props {
  label: string;
  /** As the browser filters by: `.csv,text/csv`. */
  accept: string;
  icon?: IconName;
  /** Larger files are refused in words, bytes. */
  maxBytes: number;
  onFile: (file: File) => void;
}

const megabytes = (bytes: number): string => texts.mb(Math.round(bytes / 1e6));

/** Opens a file of the device. */
export function FilePick({ label, accept, icon, maxBytes, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [refused, setRefused] = useState('');
  return (
    <View style={{ gap: 8 }}>
      <Button
        mode="outlined"
        {...(icon ? { icon } : {})}
        onPress={() => input.current?.click()}
        contentStyle={{ minHeight: 44 }}
      >
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        tabIndex={-1}
        style={{ display: 'none' }}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // The same file may be chosen again after it was put right.
          event.target.value = '';
          if (!file) return;
          if (file.size === 0) setRefused(texts.isEmptyNothingWas(file.name));
          else if (file.size > maxBytes)
            setRefused(texts.isTheLimit(file.name, megabytes(file.size), megabytes(maxBytes)));
          else {
            setRefused('');
            onFile(file);
          }
        }}
      />
      {refused ? <Notice alert>{refused}</Notice> : null}
    </View>
  );
}
