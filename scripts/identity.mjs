import { readFileSync } from 'node:fs';

/** When a process began, in ticks since the machine did; null when there is none. Its id alone may be another's by now. */
function beginOf(pid) {
  try {
    // The name of the program stands in brackets and may hold anything.
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop().split(' ');
    return fields[0] === 'Z' ? null : fields[19];
  } catch {
    return null;
  }
}

/** Names a process so that no other is ever taken for it: its id and when it began. */
export const identity = (pid) => `${pid} ${beginOf(pid) ?? '-'}`;

/** The id of the process that is named so, while it lives; null when it is gone, or its id is another's. */
export function living(name) {
  const [pid, begin] = String(name).trim().split(' ');
  const now = beginOf(Number(pid));
  return now !== null && now === begin ? Number(pid) : null;
}
