import type { CurveResult } from '@wrightonic/contract';
import { Text } from 'react-native-paper';
import { Heading } from '../../../ui/Screen/Screen';
import { CurvePicture } from './CurvePicture';
import { linearWords } from './words';
import { texts } from './texts';

/** Speeds forward beside the turning ones, on a chart of their own; nothing where the file has none. */
export function LinearCurves({ result }: { result: CurveResult }) {
  const words = linearWords(result);
  if (words.length === 0) return null;
  return (
    <>
      <Heading level={3}>{texts.forwardSpeeds}</Heading>
      <CurvePicture result={result} forward />
      {words.map((sentence) => (
        <Text key={sentence}>{sentence}</Text>
      ))}
    </>
  );
}
