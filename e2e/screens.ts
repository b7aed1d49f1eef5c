import type { Page } from '@playwright/test';
import type { App } from './app';

const places = [
  '/',
  '/roster',
  '/drills',
  '/drills/knee-gate',
  '/camps',
  '/diary',
  '/office',
  '/office/people',
  '/office/archive',
  '/office/audit',
  '/office/deletions',
  '/help',
  '/athletes/new',
];
const verbs = ['look', 'trace', 'build', 'work', 'prove', 'profile'];

/** Every main screen; those of an athlete of the demo too. */
async function mainScreens(app: App): Promise<string[]> {
  const wren = await app.idOf('Wren');
  return [...places, ...verbs.map((verb) => `/athletes/${wren}/${verb}`)];
}

/** What is wrong on any main screen, with where it is: each is gone to and judged. */
export async function wrongOnMainScreens(
  app: App,
  judge: (page: Page) => Promise<string[]>,
): Promise<string[]> {
  await app.enter();
  const wrong: string[] = [];
  for (const path of await mainScreens(app)) {
    await app.open(path);
    await app.settled();
    for (const each of await judge(app.page)) wrong.push(`${path}: ${each}`);
  }
  return wrong;
}
