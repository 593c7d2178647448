import { execFileSync, spawnSync } from 'node:child_process';
import { chromium, expect, test } from '@playwright/test';
import { complaints, endSession, expectAccessible, logTrial, makePlan, screen, send, sql, startSession } from './steps.js';
import { tlsProxy } from './tls.js';

const PUBLIC_URL = process.env.WHEATEAR_PUBLIC_URL ?? 'https://localhost:8434';
const INSIDE = process.env.WHEATEAR_URL ?? 'http://127.0.0.1:8134';
const PASSWORD = 'three larks above the dunes';

/** @type {() => Promise<void>} */
let endProxy;

test.beforeAll(async () => {
    endProxy = await tlsProxy(PUBLIC_URL, INSIDE);
});
test.afterAll(() => endProxy?.());

/** The newest mail that was sent, as the mailbox shows it; nothing until the worker has sent one. */
const newestMail = () =>
    spawnSync('devices/mailbox', [`${process.env.LARAVEL_STORAGE_PATH}/app/mailbox`, '--last'], { encoding: 'utf8' }).stdout;

/** @param {string} text */
const linkIn = (text) => /https:\/\/\S+/.exec(text)?.[0] ?? '';

test('from nothing to a guardian’s first session on a phone, behind HTTPS', async ({}, { project }) => {
    // service workers are given to certificates that are trusted
    const { args = [], ...launch } = project.use.launchOptions ?? {};
    const browser = await chromium.launch({ ...launch, args: [...args, '--ignore-certificate-errors'] });
    const desk = await browser.newContext({ baseURL: PUBLIC_URL, ignoreHTTPSErrors: true, viewport: { width: 1280, height: 800 } });
    const owner = await desk.newPage();
    const found = complaints(owner);

    await test.step('the printed link makes a practice and its owner', async () => {
        await owner.goto(linkIn(execFileSync('php', ['artisan', 'wheatear:set-up-link']).toString()));
        await owner.getByLabel('Name of the practice').fill('Reed Bank Dogs');
        await expect(owner.getByLabel('Time zone')).not.toHaveValue('');
        await owner.getByLabel('Time zone').fill('Europe/Nowhere');
        await owner.getByLabel('Name', { exact: true }).fill('Ada Fenn');
        await owner.getByLabel('Email address').fill('ada@reedbank.example');
        await owner.getByLabel('Choose a password').fill('reedbankdogs12');
        await owner.getByRole('button', { name: 'Start' }).click();
        await expect(owner.getByRole('alert')).toContainText('time zone');
        await expect(owner.getByRole('alert')).toContainText('first that are tried');
        await expect(owner.getByLabel('Name of the practice')).toHaveValue('Reed Bank Dogs');
        await owner.getByLabel('Time zone').fill('Europe/Dublin');
        await owner.getByLabel('Choose a password').fill(PASSWORD);
        await owner.getByRole('button', { name: 'Start' }).click();
        await expect(owner.getByRole('heading', { name: 'How to begin' })).toBeVisible();
        await expectAccessible(owner, 'an empty Today');
    });

    await test.step('a client, a dog, a plan', async () => {
        await owner.getByRole('link', { name: 'Add a client' }).click();
        await owner.getByLabel('Name of the household').fill('Fenby family');
        await owner.getByLabel('Phone').fill('01632 960 180');
        await send(owner, 'Add');
        await owner.goto('/dogs/create');
        await owner.getByLabel('Name', { exact: true }).fill('Pilot');
        await owner.getByLabel('Client').selectOption('Fenby family');
        await send(owner, 'Add');
        await makePlan(owner, 'Pilot', 'Wheelbarrows');
    });

    await test.step('the guardian is invited, and the mail holds a link of the public address', async () => {
        await owner.goto('/people/create');
        await owner.getByLabel('Name', { exact: true }).fill('Nell Fenby');
        await owner.getByLabel('Client').selectOption('Fenby family');
        await owner.getByRole('button', { name: 'Add' }).click();
        await owner.getByLabel('Email address').fill('nell@fenby.example');
        await expect(owner.getByLabel('Signs in as')).toHaveValue('guardian');
        await owner.getByRole('button', { name: 'Send the invitation' }).click();
        const shown = (await owner.locator('[data-link]').textContent())?.trim() ?? '';
        expect(shown).toContain(`${PUBLIC_URL}/invitations/`);
        await expect.poll(() => linkIn(newestMail()), { message: 'the worker sends it', timeout: 15_000 }).toBe(shown);
    });

    const pocket = await browser.newContext({
        baseURL: PUBLIC_URL,
        ignoreHTTPSErrors: true,
        viewport: { width: 360, height: 740 },
        isMobile: true,
        hasTouch: true,
    });
    const nell = await pocket.newPage();
    const foundOnPhone = complaints(nell);

    await test.step('joins once, on her own phone', async () => {
        await nell.goto(linkIn(newestMail()));
        await expect(nell.getByText('nell@fenby.example')).toBeVisible();
        await nell.getByLabel('Choose a password').fill(PASSWORD);
        await expectAccessible(nell, 'joining');
        await nell.getByRole('button', { name: 'Join' }).click();
        await expect(nell.getByText('Welcome to Reed Bank Dogs, Nell Fenby.')).toBeVisible();
        const again = await browser.newContext({ ignoreHTTPSErrors: true });
        const late = await again.newPage();
        await late.goto(linkIn(newestMail()));
        await expect(late.getByText('This link no longer works')).toBeVisible();
        await again.close();
    });

    await test.step('logs her first session', async () => {
        await nell.goto('/');
        await expect(nell.getByRole('article')).toHaveCount(1);
        await startSession(nell);
        await logTrial(nell, { outcome: 'returned', band: 0 });
        await logTrial(nell, { outcome: 'returned', band: 1 });
        const isWide = () => document.documentElement.scrollWidth > document.documentElement.clientWidth + 1;
        expect(await nell.evaluate(isWide)).toBe(false);
        const hers = "SELECT COUNT(*) FROM trials t JOIN users u ON u.id = t.user_id WHERE u.email = 'nell@fenby.example'";
        expect(sql(hers).toString().trim()).toBe('2');
    });

    await test.step('what only a secure address has: a service worker, and headers that keep it so', async () => {
        expect(await nell.evaluate(() => navigator.serviceWorker.ready.then(({ active }) => active !== null))).toBe(true);
        const styles = await nell.locator('link[rel="stylesheet"]').first().getAttribute('href');
        for (const path of ['/sign-in', '/favicon.svg', new URL(styles ?? '', PUBLIC_URL).pathname]) {
            const headers = (await pocket.request.get(path)).headers();
            expect(headers['strict-transport-security'], path).toContain('max-age');
            expect(headers['x-content-type-options'], path).toBe('nosniff');
        }
        const cookies = await pocket.cookies();
        expect(cookies.length).toBeGreaterThan(1);
        expect(cookies.filter(({ secure }) => !secure)).toEqual([]);
    });

    await test.step('a sign-in that is turned off ends at the next tap, and what the phone holds stays there', async () => {
        await pocket.setOffline(true);
        await nell.locator('fieldset[data-asked]:visible label').first().click();
        await nell.locator('[data-do="band-0"]').click();
        await expect(screen(nell)).toHaveAttribute('data-waiting', '1');
        await owner.goto('/people');
        await owner.getByRole('link', { name: 'Nell Fenby' }).click();
        await owner.getByRole('button', { name: 'Turn the sign-in off' }).click();
        await expect(owner.getByText('Nell Fenby cannot sign in any more.')).toBeVisible();
        await pocket.setOffline(false);
        await expect(nell.getByText(/sign in again/i).first()).toBeVisible();
        await expect(screen(nell)).toHaveAttribute('data-waiting', '1');
        await nell.goto('/dogs');
        await expect(nell.getByRole('button', { name: 'Sign in' })).toBeVisible();
    });

    await test.step('and the trail tells it', async () => {
        await owner.goto('/trail');
        for (const told of ['started Reed Bank Dogs', 'added Pilot', 'invited Nell Fenby', 'turned off the sign-in of Nell Fenby'])
            await expect(owner.getByText(told)).toBeVisible();
        await expect(owner.getByText('Saltmarsh')).toHaveCount(0);
    });
    expect(found).toEqual([]);
    expect(foundOnPhone.filter((one) => !/401|Failed to fetch|ERR_/.test(one))).toEqual([]);
    await browser.close();
});

test('a morning at the desk: what is wrong is put right, and an old hand leaves', async ({ browser, page }, { retry }) => {
    const found = complaints(page);
    const link = (/** @type {string} */ text) => new URL(linkIn(text)).pathname;
    // an address belongs to one person, also where this is tried again
    await page.goto(link(execFileSync('php', ['artisan', 'wheatear:set-up-link']).toString()));
    await page.getByLabel('Name of the practice').fill('Sluice Row Dogs');
    await page.getByLabel('Name', { exact: true }).fill('Orla Pike');
    await page.getByLabel('Email address').fill(`orla@sluicerow${retry}.example`);
    await page.getByLabel('Choose a password').fill(PASSWORD);
    await send(page, 'Start');

    /** Invites somebody, who joins at once on a device of their own. @param {string} name */
    const join = async (name) => {
        await page.goto('/people/create');
        await page.getByLabel('Name', { exact: true }).fill(name);
        await page.getByRole('button', { name: 'Add' }).click();
        await page.getByLabel('Email address').fill(`${name.split(' ')[0].toLowerCase()}@sluicerow${retry}.example`);
        await page.getByLabel('Signs in as').selectOption('trainer');
        await page.getByRole('button', { name: 'Send the invitation' }).click();
        const theirs = await (await browser.newContext()).newPage();
        await theirs.goto(link((await page.locator('[data-link]').textContent()) ?? ''));
        await theirs.getByLabel('Choose a password').fill(PASSWORD);
        await theirs.getByRole('button', { name: 'Join' }).click();
        await expect(theirs.getByText(`Welcome to Sluice Row Dogs, ${name}.`)).toBeVisible();
        return theirs;
    };
    const old = await join('Edwin Marsh');
    for (const dog of ['Peblbe', 'Skerry']) {
        await old.goto('/dogs/create');
        await old.getByLabel('Name', { exact: true }).fill(dog);
        await send(old, 'Add');
        await makePlan(old, dog, `Carts of ${dog}`);
        await startSession(old);
        await logTrial(old, { outcome: 'returned', band: 0 });
        await endSession(old);
    }

    await test.step('a name is misspelled, a client moves, a dog has died', async () => {
        await page.goto('/dogs');
        await page.getByRole('link', { name: 'Peblbe' }).click();
        await page.getByRole('link', { name: 'Change', exact: true }).click();
        await page.getByLabel('Name', { exact: true }).fill('Pebble');
        await page.getByRole('button', { name: 'Save', exact: true }).click();
        await expect(page.getByRole('heading', { name: 'Pebble', level: 1 })).toBeVisible();
        await page.goto('/clients/create');
        await page.getByLabel('Name of the household').fill('Marram family');
        await page.getByLabel('Address (optional)', { exact: true }).fill('1 Old Quay');
        await page.getByRole('button', { name: 'Add' }).click();
        await page.getByLabel('Address (optional)', { exact: true }).fill('9 New Quay');
        await send(page, 'Save');
        await page.reload();
        await expect(page.getByLabel('Address (optional)', { exact: true })).toHaveValue('9 New Quay');
        await page.goto('/dogs');
        await page.getByRole('link', { name: 'Skerry' }).click();
        await page.getByRole('link', { name: 'Change', exact: true }).click();
        await page.getByLabel('Why').selectOption('died');
        await page.getByRole('button', { name: 'Archive' }).click();
        await expect(page.getByText('We are sorry. Nobody will be reminded.')).toBeVisible();
        await page.goto('/');
        await expect(page.getByText('Skerry')).toHaveCount(0);
    });

    await test.step('a new trainer takes the dogs of the old one, with all that was learned', async () => {
        const fresh = await join('Juno Reed');
        await page.goto('/people');
        await page.getByRole('link', { name: 'Edwin Marsh' }).click();
        await page.getByLabel('Move all of them to').selectOption('Juno Reed');
        await page.getByRole('button', { name: 'Move the dogs' }).click();
        await page.getByRole('button', { name: 'Turn the sign-in off' }).click();
        await expect(page.getByText('Edwin Marsh cannot sign in any more.')).toBeVisible();
        await old.getByRole('link', { name: 'Dogs' }).first().click();
        await expect(old.getByRole('button', { name: 'Sign in' })).toBeVisible();
        await fresh.goto('/dogs?mine=1');
        await fresh.getByRole('link', { name: 'Pebble' }).click();
        await expect(fresh.getByRole('heading', { name: 'The last weeks' })).toBeVisible();
        await expect(fresh.getByText('with Juno Reed')).toBeVisible();
    });

    await test.step('the vet calls: found by a part of the name, and by what was noted', async () => {
        await page.goto('/find?q=pebb');
        await page.getByRole('main').getByRole('link', { name: 'Pebble' }).first().click();
        await page.getByRole('link', { name: 'Health' }).click();
        await page.getByLabel('What', { exact: true }).fill('pain relief, 50 mg');
        await page.getByRole('button', { name: 'Write it down' }).first().click();
        await expect(page.getByText('pain relief, 50 mg', { exact: true })).toBeVisible();
        await expectAccessible(page, 'health');
        await page.goto('/find?q=skerry');
        await expect(page.getByRole('main').getByRole('link', { name: 'Skerry' }).first()).toBeVisible();
    });
    expect(found).toEqual([]);
});

test('a host that is not ours is turned away', async ({ request }) => {
    expect((await request.get('/sign-in', { headers: { Host: 'evil.example' } })).status()).toBe(400);
    expect((await request.get('/sign-in')).status()).toBe(200);
});
