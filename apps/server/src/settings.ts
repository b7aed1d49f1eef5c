/** How the server is set up, from the environment; checked before anything starts. */
export interface Settings {
  host: string;
  port: number;
  /** Where people reach it; addresses in calendars, sheets and codes begin with it. No slash at its end. */
  publicUrl: string;
  /** Express's “trust proxy”: how many proxies stand in front, or their addresses; false for none. */
  trustProxy: number | string | false;
  /** The demo academy may be entered beside real ones. */
  demoAlways: boolean;
  /** Nothing is seeded. */
  demoNever: boolean;
  /** Of the people of the demo academy when it is seeded; null: nobody knows it. */
  demoPassword: string | null;
}

const leastPassword = 12;

type Environment = Readonly<Record<string, string | undefined>>;

function wholeNumber(name: string, text: string, atLeast: number, atMost: number): number {
  const value = Number(text);
  if (!/^\d+$/.test(text) || value < atLeast || value > atMost)
    throw new Error(`${name} must be a whole number from ${atLeast} to ${atMost}, not “${text}”`);
  return value;
}

function publicUrl(text: string): string {
  let url: URL;
  try {
    url = new URL(text);
  } catch {
    throw new Error(`PUBLIC_URL must be an address such as https://barn.example, not “${text}”`);
  }
  if (!/^https?:$/.test(url.protocol) || url.search || url.hash || url.username)
    throw new Error(`PUBLIC_URL must be http or https without query, not “${text}”`);
  return `${url.origin}${url.pathname.replace(/\/+$/, '')}`;
}

/** @throws Error naming the setting that cannot be used */
export function settingsOf(env: Environment): Settings {
  const host = env['HOST'] || '127.0.0.1';
  if (/[\s/]/.test(host)) throw new Error(`HOST must be a name or an address, not “${host}”`);
  const port = wholeNumber('PORT', env['PORT'] || '4310', 1, 65535);
  const proxy = env['TRUST_PROXY'] || '';
  if (proxy && !/^(\d{1,2}|loopback|linklocal|uniquelocal|[\d.:a-f/, ]+)$/i.test(proxy))
    throw new Error(`TRUST_PROXY must be a number of proxies or their addresses, not “${proxy}”`);
  const demo = env['DEMO'] || '';
  if (!['', 'yes', 'no'].includes(demo)) throw new Error(`DEMO must be yes or no, not “${demo}”`);
  const demoPassword = env['DEMO_PASSWORD'] || null;
  if (demoPassword && demoPassword.length < leastPassword)
    throw new Error(`DEMO_PASSWORD must have at least ${leastPassword} characters`);
  return {
    host,
    port,
    publicUrl: publicUrl(env['PUBLIC_URL'] || `http://${host.includes(':') ? `[${host}]` : host}:${port}`),
    trustProxy: !proxy ? false : /^\d+$/.test(proxy) ? Number(proxy) : proxy,
    demoAlways: demo === 'yes',
    demoNever: demo === 'no',
    demoPassword,
  };
}
