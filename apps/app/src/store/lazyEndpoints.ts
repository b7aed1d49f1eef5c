import { academyEndpoints } from './endpoints/academy';
import { athleteEndpoints } from './endpoints/athlete';
import { tagged } from './endpoints/build';
import { campLinkEndpoints } from './endpoints/campLinks';
import { campEndpoints } from './endpoints/camps';
import { diaryEndpoints } from './endpoints/diary';
import { leavingEndpoints } from './endpoints/leaving';
import { measureEndpoints } from './endpoints/measure';
import { planEndpoints } from './endpoints/plan';
import { proveEndpoints } from './endpoints/prove';
import { shareEndpoints } from './endpoints/share';
import { staffEndpoints } from './endpoints/staff';
import { wayInEndpoints } from './endpoints/wayIn';

/** What the later screens ask for; it comes with them, so that the first script stays small. */
export const lazyEndpoints = tagged.injectEndpoints({
  endpoints: (build) => ({
    ...academyEndpoints(build),
    ...athleteEndpoints(build),
    ...campEndpoints(build),
    ...campLinkEndpoints(build),
    ...diaryEndpoints(build),
    ...measureEndpoints(build),
    ...planEndpoints(build),
    ...proveEndpoints(build),
    ...shareEndpoints(build),
    ...staffEndpoints(build),
    ...leavingEndpoints(build),
    ...wayInEndpoints(build),
  }),
});
