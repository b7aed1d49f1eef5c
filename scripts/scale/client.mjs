import { v7 } from 'uuid';

export const p95 = (times) => [...times].sort((a, b) => a - b)[Math.ceil(times.length * 0.95) - 1];

/** Somebody who is signed in, and asks as the app does. */
export class Client {
  constructor(base) {
    this.base = base;
    this.cookies = new Map();
  }
  async ask(path, { body, read = true } = {}) {
    const response = await fetch(`${this.base}/api${path}`, {
      method: body ? 'POST' : 'GET',
      headers: {
        cookie: [...this.cookies].map((pair) => pair.join('=')).join('; '),
        'accept-encoding': 'gzip',
        ...(body ? { 'content-type': 'application/json', 'x-csrf-token': this.csrf } : {}),
      },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    for (const cookie of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie);
      this.cookies.set(name, value);
    }
    const text = await response.text();
    if (!response.ok) throw new Error(`${path}: ${response.status} ${text.slice(0, 200)}`);
    return read ? JSON.parse(text) : text.length;
  }
  async signIn(email, password) {
    this.csrf = (await this.ask('/session')).csrf;
    this.csrf = (await this.ask('/session', { body: { email, password } })).csrf;
  }
}

export const batches = 40;
export const batchSize = 50;

/** As many reps as a long session has are 4 batches. */
const batchesASession = 4;

/** Reps that are sent as a device sends them, session after session: events a second, and how long each batch took, ms. */
export async function logged(client, first = 3) {
  const roster = await client.ask('/athletes');
  const send = async (events) => {
    const { responses } = await client.ask('/log', { body: { events } });
    const lost = responses.find(({ stored }) => !stored);
    if (lost) throw new Error(`an event was not stored: ${lost.why}`);
  };
  const event = (fields) => ({ id: v7(), at: new Date().toISOString(), ...fields });
  const begin = async (athleteId) => {
    const date = new Date().toISOString().split('T')[0];
    const begun = event({ kind: 'session-begun', athleteId, planId: null, zone: 'Europe/London', date });
    await send([begun]);
    return begun.id;
  };
  let sessionId;
  const times = [];
  for (let batch = 0; batch < batches; batch++) {
    if (batch % batchesASession === 0)
      sessionId = await begin(roster[(first + batch / batchesASession) % roster.length].id);
    const events = Array.from({ length: batchSize }, (_, n) =>
      event({ kind: 'rep', sessionId, drill: 'hip-first-lean', outcome: n % 4 ? 'clean' : 'missed' }),
    );
    const began = performance.now();
    await send(events);
    times.push(performance.now() - began);
  }
  return { times, rate: (batches * batchSize * 1000) / times.reduce((sum, ms) => sum + ms, 0) };
}
