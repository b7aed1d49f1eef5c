import { spawn, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { Redis } from 'ioredis';

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => done(port));
    });
  });

/** A Redis on loopback that can be killed, and started again at the same address with nothing in it. */
export async function redisServer() {
  const port = await freePort();
  const url = `redis://127.0.0.1:${port}`;
  let running: ChildProcess;
  const start = async (): Promise<void> => {
    running = spawn('redis-server', ['--port', String(port), '--bind', '127.0.0.1', '--save', ''], {
      stdio: 'ignore',
    });
    const probe = new Redis(url, { retryStrategy: () => 20, maxRetriesPerRequest: null });
    probe.on('error', () => undefined);
    await probe.ping();
    probe.disconnect();
  };
  const kill = (): Promise<void> =>
    new Promise((done) => {
      running.once('exit', () => done());
      running.kill('SIGKILL');
    });
  await start();
  return { url, start, kill };
}
