import { register as required } from 'tsx/cjs/api';
import { register as imported } from 'tsx/esm/api';

/** Lets a process that runs already load TypeScript, as the server itself is loaded. */
required();
imported();
