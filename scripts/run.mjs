// Small parts that every script needs. Plain Node: this runs before anything is installed.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
export const say = (text) => process.stdout.write(`${text}\n`);

const cleanups = [];
let over;

/** Whether this script was told to end. */
export const ending = () => over !== undefined;

/** Runs before the process ends, however it ends; the last one registered runs first. */
export const atEnd = (cleanup) => cleanups.push(cleanup);

export function end(code) {
  over ??= (async () => {
    for (const cleanup of cleanups.reverse())
      await Promise.resolve(cleanup()).catch((error) => process.stderr.write(`${error.message}\n`));
    process.exit(code);
  })();
  return over;
}

// From the first line on: whatever was started until then is cleaned up.
for (const [signal, code] of [
  ['SIGINT', 130],
  ['SIGTERM', 143],
  ['SIGHUP', 129],
])
  process.on(signal, () => void end(code));

/** Runs a script's work and cleans up after it; Ctrl-C and a polite kill clean up too. */
export async function main(work) {
  try {
    await end((await work()) ?? 0);
  } catch (error) {
    if (!over) process.stderr.write(`${error.message}\n`);
    await end(1);
  }
}

/**
 * Starts a program in a process group of its own, so that Ctrl-C in a terminal reaches this script alone, which
 * then stops the group itself.
 */
export function launch(command, args, options = {}) {
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', detached: true, ...options });
  child.gone = new Promise((done) => {
    child.once('exit', (code, signal) => done(code ?? (signal ? 1 : 0)));
    child.once('error', (error) => {
      process.stderr.write(`${command}: ${error.message}\n`);
      done(127);
    });
  });
  child.over = false;
  void child.gone.then(() => (child.over = true));
  atEnd(() => stop(child));
  return child;
}

/** Asks a program and its children to stop, and insists after a while. */
export async function stop(child, patience = 15_000) {
  if (child.over || !child.pid) return;
  const kill = (signal) => {
    try {
      process.kill(-child.pid, signal);
    } catch {
      // It is gone already.
    }
  };
  kill('SIGTERM');
  const insist = setTimeout(() => kill('SIGKILL'), patience);
  await child.gone;
  clearTimeout(insist);
}

/** Ends a program as a power cut would: at once, with nothing put away. */
export async function killHard(child) {
  process.kill(-child.pid, 'SIGKILL');
  await child.gone;
}

/** Runs a program to its end and answers with its exit code. */
export const run = (command, args, options) => launch(command, args, options).gone;

export async function must(command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0) throw new Error(`${command} ${args.slice(0, 3).join(' ')} ended with ${code}`);
}

/** What a program prints, or null when it fails. */
export async function output(command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'ignore'] });
  let text = '';
  child.stdout.on('data', (data) => (text += data));
  const code = await new Promise((done) => {
    child.once('close', done);
    child.once('error', () => done(127));
  });
  return code === 0 ? text.trim() : null;
}

/** A port on loopback that nobody listens on. */
export const freePort = () =>
  new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });

export const wait = (ms) => new Promise((done) => setTimeout(done, ms));

export async function until(ready, what, patience = 60_000) {
  const last = Date.now() + patience;
  while (!(await ready())) {
    if (Date.now() > last) throw new Error(`${what} did not get ready within ${patience / 1000} s`);
    await wait(50);
  }
}
