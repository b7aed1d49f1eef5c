import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { filesIn, fingerprint, keepNewest } from './fingerprint.mjs';
import { alone } from './lock.mjs';
import { must, root, say } from './run.mjs';
import { haveTracker, placeTracker } from './tracker.mjs';

const sources = ['apps/app', 'packages/core', 'packages/contract', 'package-lock.json', 'scripts/build.mjs'];
const compressible = new Set(['.js', '.css', '.html', '.json', '.svg', '.ttf', '.webmanifest']);

/** Files of the faces by name, in the packages that ship them. */
const faces = JSON.parse(readFileSync(join(root, 'apps', 'app', 'faces.json'), 'utf8'));

/** Puts the faces beside the page, under names that change with them, so that they may be kept for ever. */
function bringFaces(folder) {
  const page = join(folder, 'index.html');
  let html = readFileSync(page, 'utf8');
  mkdirSync(join(folder, 'fonts'), { recursive: true });
  for (const [name, path] of Object.entries(faces)) {
    const file = readFileSync(join(root, 'node_modules', '@expo-google-fonts', path));
    const fresh = `${name}.${createHash('md5').update(file).digest('hex')}.ttf`;
    writeFileSync(join(folder, 'fonts', fresh), file);
    html = html.replaceAll(`/fonts/${name}.ttf`, `/fonts/${fresh}`);
  }
  writeFileSync(page, html);
}

/**
 * Lets the browser compile the scripts whole and beside its main thread, instead of piece by piece on it: the first
 * screen comes some tenths of a second sooner on a phone.
 */
function hint(folder) {
  for (const file of filesIn(folder))
    if (extname(file) === '.js')
      writeFileSync(file, `//# allFunctionsCalledOnLoad\n${readFileSync(file, 'utf8')}`);
}

/** As much of the first script as is compiled and run in one go, characters. */
const portion = 350_000;

/**
 * Cuts the first script into portions between its modules, as the bundler writes one after the other: a phone that is
 * touched meanwhile answers between two of them instead of after all.
 */
function portions(folder) {
  const page = join(folder, 'index.html');
  const html = readFileSync(page, 'utf8');
  const [tag, path] = /<script src="([^"]*\/index-[0-9a-f]{32}\.js)"[^>]*><\/script>/.exec(html);
  const whole = join(folder, path);
  const parts = [''];
  for (const module of readFileSync(whole, 'utf8').split(/\n(?=__[dr]\()/)) {
    if (parts.at(-1).length > portion) parts.push('');
    parts.push(`${parts.pop()}${module}\n`);
  }
  const tags = parts.map((part) => {
    const name = path.replace(/[0-9a-f]{32}/, createHash('md5').update(part).digest('hex'));
    writeFileSync(join(folder, name), part);
    return tag.replace(path, name);
  });
  rmSync(whole);
  writeFileSync(page, html.replace(tag, tags.join('')));
}

/** Lets the app open without a connection; a new one waits until it is asked for, so that an open page keeps its scripts. */
async function keepOffline(folder) {
  // Only now: on a new machine the packages were installed after this script was read.
  const { generateSW } = await import('workbox-build');
  await generateSW({
    swDest: join(folder, 'sw.js'),
    globDirectory: folder,
    globPatterns: ['**/*.{html,js,css,ttf,woff2,png,svg,ico,webmanifest}'],
    dontCacheBustURLsMatching: /[-.][0-9a-f]{32}\./,
    maximumFileSizeToCacheInBytes: 6_291_456,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
  });
}

async function compress(folder) {
  const best = { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } };
  const one = async (file) => {
    const whole = readFileSync(file);
    writeFileSync(`${file}.br`, await promisify(brotliCompress)(whole, best));
    writeFileSync(`${file}.gz`, await promisify(gzip)(whole, { level: 9 }));
  };
  await Promise.all([...filesIn(folder)].filter((file) => compressible.has(extname(file))).map(one));
}

/** Builds the app for production, unless nothing changed since; answers with its folder. */
export async function buildApp() {
  const builds = join(root, '.data', 'builds');
  const folder = join(builds, fingerprint(sources));
  const tracker = haveTracker();
  await alone(join(root, '.data', 'building'), 'building the app', async () => {
    if (existsSync(folder)) return;
    say('Building the app');
    await must('node', [join(root, 'scripts', 'icons.mjs'), '--check']);
    await must('node', [join(root, 'scripts', 'guide.mjs'), '--check']);
    // Of this process alone: a bundler that outlived a script that was killed writes on into another folder.
    const fresh = `${folder}.part-${process.pid}`;
    rmSync(fresh, { recursive: true, force: true });
    await must('npx', ['expo', 'export', '--platform', 'web', '--output-dir', fresh], {
      cwd: join(root, 'apps', 'app'),
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, NODE_ENV: 'production', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
    });
    bringFaces(fresh);
    portions(fresh);
    hint(fresh);
    await keepOffline(fresh);
    await compress(fresh);
    renameSync(fresh, folder);
    keepNewest(builds);
  });
  await tracker;
  placeTracker(folder);
  return folder;
}
