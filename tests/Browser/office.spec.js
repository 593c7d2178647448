import { execFileSync } from 'node:child_process';
import { chromium, expect, test } from '@playwright/test';
import { complaints, expectAccessible, logTrial, makePlan, screen, sql, startSession } from './steps.js';
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

/** The newest mail that was sent, as the mailbox shows it. */
const newestMail = () => execFileSync('devices/mailbox', [`${process.env.LARAVEL_STORAGE_PATH}/app/mailbox`, '--last']).toString();

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
        await owner.getByRole('button', { name: 'Add' }).click();
        await owner.goto('/dogs/create');
        await owner.getByLabel('Name', { exact: true }).fill('Pilot');
        await owner.getByLabel('Client').selectOption('Fenby family');
        await owner.getByRole('button', { name: 'Add' }).click();
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
        await expect(owner.locator('[data-link]')).toHaveText(linkIn(newestMail()));
        expect(linkIn(newestMail())).toContain(`${PUBLIC_URL}/invitations/`);
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
        await nell.locator('label[for="q-returned"]').click();
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

test('a host that is not ours is turned away', async ({ request }) => {
    expect((await request.get('/sign-in', { headers: { Host: 'evil.example' } })).status()).toBe(400);
    expect((await request.get('/sign-in')).status()).toBe(200);
});
