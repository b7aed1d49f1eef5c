import type { LogEvent } from '@wrightonic/contract';
import { catalogueBook, measuredMs } from '@wrightonic/core';
import { sessionEvents } from '../src/offline/local';
import { sessionActions, type Working } from '../src/features/work/sessionActions';

const at = (seconds: number) => new Date(Date.UTC(2026, 4, 1, 10, 0, seconds));

/** A session whose clock stands at so many seconds, with what is written into it. */
function session(before: LogEvent[] = [], seconds = 0) {
  const written: LogEvent[] = [];
  const working: Working = {
    write: (kind, fields, id = `${kind}-${before.length + written.length}`) => {
      written.push({ id, at: at(seconds).toISOString(), kind, ...fields } as unknown as LogEvent);
      return id;
    },
    sessionId: 's',
    events: before,
    book: catalogueBook,
    now: () => at(seconds).getTime(),
    throwOf: (drill, velocity, { repId, effort = 90 } = {}) => ({
      drill,
      velocity,
      effort,
      pitch: 'fastball',
      ballG: 145,
      ...(repId ? { repId } : {}),
    }),
    worked: () => ({}),
  };
  return { actions: sessionActions(working), written };
}
/** What stands after a session went on. */
const standing = (before: LogEvent[], written: LogEvent[]) => sessionEvents('s', [...before, ...written], []);
const thrown = 'full-delivery';
const reading = { id: 'r', velocity: 33, source: 'radar' as const };

describe('taps of a session', () => {
  it('log a rep of a throwing drill with its throw, joined by id, and a dry one alone', () => {
    const { actions, written } = session();
    actions.rep(thrown, 'clean');
    expect(written).toMatchObject([
      { kind: 'rep' },
      { kind: 'throw', repId: written[0]!.id, velocity: null },
    ]);
    const dry = session();
    dry.actions.rep('hip-first-lean', 'missed', 'rushed');
    expect(dry.written).toMatchObject([{ kind: 'rep', outcome: 'missed', reason: 'rushed' }]);
  });

  it('give a rep the reading that waits for it, under the id of the reading', () => {
    const { actions, written } = session();
    actions.rep(thrown, 'clean', undefined, reading);
    expect(written[1]).toMatchObject({ id: 'r', velocity: 33, source: 'radar', repId: written[0]!.id });
  });

  it('give a reading to the rep just tapped, and to none that was tapped too long ago', () => {
    const tap = session();
    tap.actions.rep(thrown, 'clean');
    const late = measuredMs / 1000;
    const soon = session(tap.written, late);
    expect(soon.actions.attach(thrown, reading)).toBe(true);
    expect(standing(tap.written, soon.written)).toMatchObject([{ kind: 'rep' }, { id: 'r', velocity: 33 }]);
    const after = session(tap.written, late + 1);
    expect([after.actions.attach(thrown, reading), after.written]).toEqual([false, []]);
    const again = session([...tap.written, ...soon.written], late);
    expect([again.actions.attach(thrown, reading), again.written]).toEqual([true, []]);
  });

  it('explain a missed rep without counting it again; the newest reason counts', () => {
    const tap = session();
    tap.actions.rep(thrown, 'missed');
    const first = session(tap.written, 5);
    first.actions.explain(tap.written[0]!.id, 'rushed');
    const second = session([...tap.written, ...first.written], 9);
    second.actions.explain(tap.written[0]!.id, 'oh.lift-stall');
    expect(standing(tap.written, first.written)[0]).toMatchObject({ kind: 'rep', reason: 'rushed' });
    expect(standing(tap.written, [...first.written, ...second.written])).toMatchObject([
      { kind: 'rep', reason: 'oh.lift-stall' },
      { kind: 'throw' },
    ]);
    const undone = session([...tap.written, ...first.written], 9);
    undone.actions.undo();
    expect(standing(tap.written, [...first.written, ...undone.written])).toEqual([]);
  });

  it('keep the throw of a rep when what a radar said of it is thrown out', () => {
    const tap = session();
    tap.actions.rep(thrown, 'clean', undefined, reading);
    const out = session(tap.written, 3);
    out.actions.discard(tap.written[1] as Extract<LogEvent, { kind: 'throw' }>);
    expect(standing(tap.written, out.written)).toMatchObject([{ kind: 'rep' }, { velocity: null }]);
  });
});
