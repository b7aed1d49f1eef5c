import type { LogEvent } from '@wrightonic/contract';
import {
  constraintOf,
  missReasonName,
  missTapWords,
  nodeName,
  spotNames,
  type DrillBook,
} from '@wrightonic/core';
import { checkInWords } from '../../ui/words/campWords';
import { lessonWords } from '../../ui/words/lessonWords';

/** What was logged, as the person who logged it would say it. */
export function entryWords(event: LogEvent, book: DrillBook): string {
  const name = (drill: string | null) => (drill ? (book.drill(drill)?.name ?? drill) : 'no drill');
  switch (event.kind) {
    case 'rep':
      return `${event.outcome === 'clean' ? 'Clean' : 'Missed'}: ${name(event.drill)}${event.reason ? `, ${missReasonName(event.reason)}` : ''}`;
    case 'rep-explained':
      return `Missed because: ${missReasonName(event.reason)}`;
    case 'level-chosen':
      return `${name(event.drill)}: level ${event.level}`;
    case 'cue-chosen':
      return `${name(event.drill)}: cue “${event.text}”`;
    case 'spot-charted':
      return `${name(event.drill)}: aimed ${spotNames[event.spot].toLowerCase()}, ${missTapWords(event.sides)}`;
    case 'look-told':
      return 'When, where and how a look was taken';
    case 'noted':
      return `Note: ${event.text}`;
    case 'throw':
      return `Throw: ${name(event.drill)}${event.velocity === null ? '' : ', measured'}`;
    case 'set-done':
      return `Set over: ${name(event.drill)}, ${event.clean} clean, ${event.missed} missed`;
    case 'constraints-ordered':
      return `Constraints of ${name(event.drill)}: ${event.constraints.map((id) => constraintOf(id)?.name ?? id).join(', ') || 'none'}`;
    case 'finding':
    case 'look-corrected':
      return `${nodeName(event.node)}: ${event.severity === null ? 'not looked at' : `grade ${event.severity}`}`;
    case 'pain':
      return `${event.moment === 'before' ? 'Before' : 'After'} the session: ${event.level}${event.site ? `, ${event.site}` : ''}`;
    case 'throws-cleared':
      return `Throws opened again by ${event.clearedBy}`;
    case 'instruction':
      return `${event.from} says “${event.text}”`;
    case 'link-struck':
      return `${event.struck ? 'Struck' : 'Put back'}: ${nodeName(event.cause)} to ${nodeName(event.effect)}`;
    case 'lesson-planned':
      return 'A lesson was put in the diary';
    case 'lesson-changed':
      return `A lesson: ${lessonWords[event.state] || 'back on'}${event.reason ? `, ${event.reason}` : ''}`;
    case 'camp-checked-in':
      return `Check-in: ${checkInWords[event.state]}`;
    case 'session-begun':
      return 'The session began';
    case 'session-ended':
      return `The session ended${event.note ? `: ${event.note}` : ''}`;
    case 'look-begun':
      return 'A look began';
    case 'look-finished':
      return 'A look was finished';
    case 'undo':
      return 'The last entry was taken back';
    default:
      return event.kind.replaceAll('-', ' ');
  }
}

/** What to do about an entry that the server did not take. */
export const whatToDo = (why: string): string =>
  /not here/.test(why)
    ? 'What it belongs to was taken away meanwhile. Write it down if it matters, then take it out here.'
    : 'Log it again as it should be, then take this one out.';
