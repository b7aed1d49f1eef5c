import { expect, test, type Browser, type Page } from '@playwright/test';
import { emptyAthlete } from '@wrightonic/contract';
import { TOTP } from 'otpauth';
import { v7 } from 'uuid';

const empty = process.env['EMPTY_URL'];
const code = process.env['FOUNDING_CODE'] ?? '';
const password = 'a long enough one';

const newBrowser = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ baseURL: empty!, locale: 'en-GB', serviceWorkers: 'block' })).newPage();
const fill = async (page: Page, fields: Record<string, string>): Promise<void> => {
  for (const [label, text] of Object.entries(fields))
    await page.getByLabel(label, { exact: true }).fill(text);
};
const tap = (page: Page, name: string | RegExp, role: 'button' | 'radio' = 'button') =>
  page.getByRole(role, { name }).first().click();
const signIn = async (page: Page, email: string, secret: string): Promise<void> => {
  await fill(page, { 'E-mail': email, Password: secret });
  await tap(page, 'Sign in');
};
/** Asks the server as the page would. */
const ask = (page: Page, path: string, data?: unknown, method = 'POST') =>
  page.evaluate(
    async ([to, body, how]) => {
      const { csrf } = await (await fetch('/api/session')).json();
      const answer = await fetch(`/api${to as string}`, {
        method: how as string,
        headers: { 'x-csrf-token': csrf, 'content-type': 'application/json' },
        ...(body ? { body: JSON.stringify(body) } : {}),
      });
      return (await answer.json()) as Record<string, string>;
    },
    [path, data, method] as const,
  );

test('an academy is founded, staffed, and forgets whom it is asked to forget', async ({ browser }) => {
  expect(empty, 'EMPTY_URL says where a server without an academy is').toBeTruthy();
  const boss = await newBrowser(browser);

  await test.step('it is founded by whoever has the code', async () => {
    await boss.goto('/');
    await expect(boss.getByRole('heading', { name: 'Set up your academy' })).toBeVisible();
    await fill(boss, {
      'Code from the server': 'not the code',
      'Name of the academy': 'Hollow Creek Pitching',
      'Time zone': 'Europe/London',
      'Your name': 'Dee Fallow',
      'E-mail': 'dee@hollow.example',
      Password: 'short',
    });
    await tap(boss, 'Set up the academy');
    await expect(boss.getByText('Must have at least 12 characters.')).toBeVisible();
    await fill(boss, { Password: password });
    await tap(boss, 'Set up the academy');
    await expect(boss.getByText(/not the code that the server printed/).first()).toBeVisible();
    await fill(boss, { 'Code from the server': code });
    await tap(boss, 'Set up the academy');
    await expect(boss.getByText('Hollow Creek Pitching')).toBeVisible();
  });

  const mate = await newBrowser(browser);
  await test.step('somebody joins by an invitation that the mailbox shows', async () => {
    await boss.goto('/office/people');
    await fill(boss, { Name: 'Bo Reed', 'E-mail': 'bo@hollow.example' });
    await tap(boss, 'Invite');
    await expect(boss.getByText(/works once and for seven days/)).toBeVisible();
    await boss.goto('/office/mail');
    await expect(boss.getByText('Simulated: not sent')).toBeVisible();
    await tap(boss, /^Read “/);
    const link = /\/join\/[\w-]+/.exec((await boss.getByText(/\/join\//).textContent())!)![0];
    await mate.goto(link);
    await expect(mate.getByRole('heading', { name: 'Welcome to Hollow Creek Pitching' })).toBeVisible();
    await fill(mate, { Password: password });
    // Once more in a hurry: the link works once, and the second Enter is not sent.
    await mate.keyboard.press('Enter');
    await mate.keyboard.press('Enter');
    await expect(mate.getByText('Hollow Creek Pitching')).toBeVisible();
    const late = await newBrowser(browser);
    await late.goto(link);
    await expect(late.getByText(/This link no longer works/)).toBeVisible();
    await late.context().close();
  });

  const athlete = {
    ...emptyAthlete,
    id: v7(),
    givenName: 'Wren',
    familyName: 'Ablethorpe',
    birthdate: '2011-05-23',
  };
  const guardians = [{ name: 'Ann Ablethorpe', phone: '555 0100', email: 'ann@x.example' }];
  await test.step('a role changes in the middle of a session', async () => {
    await ask(boss, '/athletes', { ...athlete, guardians });
    await mate.goto(`/athletes/${athlete.id}/profile`);
    await expect(mate.getByText('Ann Ablethorpe, 555 0100, ann@x.example')).toBeVisible();
    await boss.goto('/office/people');
    await boss
      .getByRole('radiogroup', { name: 'Role of Bo Reed' })
      .getByRole('radio', { name: 'Assistant' })
      .click();
    await expect(mate.getByRole('button', { name: 'Edit', exact: true })).toBeHidden();
    await mate.reload();
    await expect(mate.getByText(/Instructors and owners see them/)).toBeVisible();
    await expect(mate.getByText('555 0100')).toBeHidden();
    await boss
      .getByRole('radiogroup', { name: 'Role of Dee Fallow' })
      .getByRole('radio', { name: 'Assistant' })
      .click();
    await expect(boss.getByText(/An academy needs an owner/)).toBeVisible();
    await boss
      .getByRole('radiogroup', { name: 'Role of Bo Reed' })
      .getByRole('radio', { name: 'Instructor' })
      .click();
    await expect(mate.getByRole('button', { name: 'Edit', exact: true })).toBeVisible();
  });

  await test.step('a forgotten password is set anew by a link', async () => {
    const other = await newBrowser(browser);
    await other.goto('/');
    await tap(other, 'Forgot your password?');
    await fill(other, { 'E-mail': 'bo@hollow.example' });
    await tap(other, 'Send the link');
    await expect(other.getByText(/a link is on its way/)).toBeVisible();
    await boss.goto('/office/mail');
    await tap(boss, 'Read “A new password for Wrightonic”');
    const link = /\/reset\/[\w-]+/.exec((await boss.getByText(/\/reset\//).textContent())!)![0];
    await other.goto(link);
    await fill(other, { 'New password': 'another long one' });
    await tap(other, 'Set the password');
    await expect(other.getByText(/The new password is set/)).toBeVisible();
    await other.context().close();
    await mate.goto('/');
    await signIn(mate, 'bo@hollow.example', 'another long one');
    await expect(mate.getByText('Hollow Creek Pitching')).toBeVisible();
  });

  await test.step('a second factor is turned on and asked for', async () => {
    await mate.goto('/office');
    await tap(mate, /^Account/);
    await tap(mate, 'Turn it on');
    await fill(mate, { Password: 'another long one' });
    await mate.keyboard.press('Enter');
    const secret = (await mate.getByText(/^[A-Z2-7]{32}$/).textContent())!;
    await fill(mate, { 'Six digits from the app': new TOTP({ secret }).generate() });
    await tap(mate, 'Turn it on');
    const codes = (await mate.getByText(/^[0-9a-f]{8}-[0-9a-f]{8}/).textContent())!.split('\n');
    expect(codes).toHaveLength(10);
    await tap(mate, 'I have kept them');
    await tap(mate, 'Sign out');
    await signIn(mate, 'bo@hollow.example', 'another long one');
    await fill(mate, { 'Code of your authenticator app, or a recovery code': codes[0]! });
    await tap(mate, 'Sign in');
    await expect(mate.getByText('Hollow Creek Pitching')).toBeVisible();
  });

  await test.step('a deletion is asked for by one, confirmed by another, and taken back', async () => {
    await mate.goto(`/athletes/${athlete.id}/profile`);
    await tap(mate, 'Delete Wren');
    await fill(mate, { 'Who asked for it, and when': 'Ann, on the phone' });
    await tap(mate, 'Ask for the deletion');
    await expect(mate.getByText('Another instructor or owner has to confirm it.')).toBeVisible();
    await boss.goto('/roster');
    await expect(boss.getByText('Wren Ablethorpe')).toBeHidden();
    await boss.goto('/office/deletions');
    await tap(boss, 'Confirm: delete Wren Ablethorpe');
    await expect(boss.getByText(/Confirmed by Dee Fallow\. Gone for good/)).toBeVisible();
    await tap(boss, 'Keep Wren Ablethorpe');
    await expect(boss.getByText('No deletion is under way.')).toBeVisible();
    await boss.goto('/roster');
    await expect(boss.getByText('Wren Ablethorpe')).toBeVisible();
  });

  await test.step('it stands in the audit who did it', async () => {
    await boss.goto('/office/audit');
    await boss.getByLabel('What', { exact: true }).selectOption('deleted');
    await expect(boss.getByText('Bo Reed: asked for a deletion: Wren Ablethorpe')).toBeVisible();
  });

  await test.step('whoever leaves is out at once', async () => {
    await boss.goto('/office/people');
    await tap(boss, 'Deactivate Bo Reed');
    await boss.getByRole('alert').getByRole('button', { name: 'Deactivate Bo Reed' }).click();
    await expect(boss.getByText(/Deactivated/)).toBeVisible();
    await mate.goto('/roster');
    await expect(mate.getByLabel('Password', { exact: true })).toBeVisible();
  });
});

test('what a device keeps of somebody who was deleted goes at its next contact', async ({ page }) => {
  const gone = v7();
  let removed: string[] = [];
  await page.route('**/api/session', async (route) => {
    const answer = await route.fetch();
    await route.fulfill({ response: answer, json: { ...(await answer.json()), removed } });
  });
  await page.goto('/');
  await tap(page, 'Look around the demo academy');
  await page.getByRole('navigation').first().waitFor();
  const stored = (id: string, write: boolean) =>
    page.evaluate(
      ([who, puts]) =>
        new Promise<string[]>((done, fail) => {
          const opening = indexedDB.open('wrightonic');
          opening.onerror = () => fail(opening.error);
          opening.onsuccess = () => {
            const change = opening.result.transaction(['responses', 'outbox', 'tracks'], 'readwrite');
            if (puts) {
              change.objectStore('responses').put({ path: `athletes/${who}`, data: {}, at: 1 });
              change
                .objectStore('responses')
                .put({ path: `athletes/${who}/clips`, data: [{ id: 'clip-1' }], at: 1 });
              change.objectStore('responses').put({ path: 'day', data: { idle: [who] }, at: 1 });
              change
                .objectStore('outbox')
                .put({ id: `e-${who}`, athleteId: who, personId: 'x', event: {}, why: 'x' });
              change.objectStore('tracks').put({ id: 'clip-1', tracked: {}, towards: null });
            }
            const found: string[] = [];
            for (const name of ['responses', 'outbox', 'tracks']) {
              const all = change.objectStore(name).getAll();
              all.onsuccess = () => {
                // Who signs in is told who is gone: that alone stays.
                for (const row of all.result.filter(({ path }) => path !== 'session'))
                  if (/clip-1/.test(JSON.stringify(row)) || JSON.stringify(row).includes(String(who)))
                    found.push(name);
              };
            }
            change.oncomplete = () => {
              opening.result.close();
              done(found);
            };
          };
        }),
      [id, write] as const,
    );
  expect((await stored(gone, true)).length).toBeGreaterThanOrEqual(5);
  removed = [gone];
  await page.reload();
  await expect.poll(() => stored(gone, false)).toEqual([]);
});
