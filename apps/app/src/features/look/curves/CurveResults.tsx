import type { CurveResult } from '@wrightonic/contract';
import { CurvePicture } from './CurvePicture';
import { CurveWords } from './CurveWords';
import { LinearCurves } from './LinearCurves';

/** What speed curves say: the picture, the words, and what goes forward. */
export const CurveResults = ({ result }: { result: CurveResult }) => (
  <>
    <CurvePicture result={result} />
    <CurveWords result={result} />
    <LinearCurves result={result} />
  </>
);
