import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { complaints, endSession, logTrial, makePlan, screen, signIn, startSession, tapTrial } from './steps.js';

const state = process.env.WHEATEAR_STATE ?? '';
const socket = `${process.env.WHEATEAR_RUN}/db/mysqld.sock`;

/** @param {string} script */
const shell = (script) => execFileSync('bash', ['-c', script], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
const startDatabase = () => shell('. bin/lib/instance.sh; . bin/lib/setup.sh; . bin/lib/servers.sh; start_database >/dev/null 2>&1');

test.describe.configure({ mode: 'serial' });
test.skip(({ isMobile }) => isMobile === true, 'the same for every size');

test('the database is killed in the middle of a session and no logged trial is missing', async ({ page }) => {
    const found = complaints(page);
    await signIn(page);
    await makePlan(page, 'Thimble', 'Ferry horns');
    await startSession(page);
    for (let i = 0; i < 3; i++) await logTrial(page, { outcome: 'returned', band: 0 });

    process.kill(Number(readFileSync(`${state}/mariadb.pid`, 'utf8')), 'SIGKILL');
    await tapTrial(page, { outcome: 'watched', band: 1, distance: '97' });
    await expect(page.getByText(/No connection: 1 on this device/)).toBeVisible();
    await expect(screen(page)).toHaveAttribute('data-count', '4');

    startDatabase();
    // the page tries again by itself, with the same identifier
    await expect(screen(page)).toHaveAttribute('data-waiting', '0', { timeout: 40_000 });
    await endSession(page);
    const exported = await (await page.request.get((await page.getByRole('link', { name: 'JSON' }).getAttribute('href')) ?? '')).json();
    expect(exported.trials.map((/** @type {{outcome: string}} */ trial) => trial.outcome)).toEqual([
        'returned',
        'returned',
        'returned',
        'watched',
    ]);
    expect(exported.trials[3].exposure.distance).toBe(97);
    expect(found).toEqual([]);
});

test('a form sent without scripts to a dead database comes back with what was typed', async ({ browser }) => {
    const context = await browser.newContext({ javaScriptEnabled: false });
    const page = await context.newPage();
    await signIn(page);
    await page.goto('/dogs/create');
    await page.getByLabel('Name', { exact: true }).fill('Kelp');
    process.kill(Number(readFileSync(`${state}/mariadb.pid`, 'utf8')), 'SIGKILL');
    try {
        await page.getByRole('button', { name: 'Add' }).click();
        await expect(page.getByRole('heading', { name: 'The database cannot be reached just now' })).toBeVisible();
        await expect(page.locator('input[name="name"]')).toHaveValue('Kelp');
    } finally {
        startDatabase();
    }
    await page.getByRole('button', { name: 'Send again' }).click();
    await expect(page.getByText('Kelp is added.')).toBeVisible();
    await context.close();
});

test('a dump restored into an empty database gives the same practice', () => {
    const sql = (/** @type {string} */ statement) => shell(`mariadb --no-defaults --socket=${socket} -uroot -N -B -e "${statement}"`);
    sql('DROP DATABASE wheatear_restored_test; CREATE DATABASE wheatear_restored_test CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
    shell(
        `set -o pipefail; mariadb-dump --no-defaults --socket=${socket} -uroot --single-transaction wheatear_browser | ` +
            `mariadb --no-defaults --socket=${socket} -uroot wheatear_restored_test`,
    );
    const tables = sql(
        'SELECT table_name FROM information_schema.tables WHERE table_schema = 0x' + Buffer.from('wheatear_browser').toString('hex'),
    )
        .trim()
        .split('\n');
    expect(tables.length).toBeGreaterThan(18);
    const checksums = (/** @type {string} */ database) =>
        sql(`CHECKSUM TABLE ${tables.map((table) => `${database}.${table}`).join(', ')}`).replaceAll(`${database}.`, '');
    expect(checksums('wheatear_restored_test')).toBe(checksums('wheatear_browser'));
});

test('no other account of the machine is root of the database or reads the key, the password or who is signed in', () => {
    const asNobody = (/** @type {string} */ command) => shell(`runuser -u nobody -- ${command} 2>&1 || true`);
    expect(asNobody(`mariadb --no-defaults --socket=${socket} --user=root -e 'SELECT 1'`)).toContain('Access denied');
    for (const kept of ['cache/config.php', 'app.key', 'db.password', 'storage/framework/sessions', 'log']) {
        expect(asNobody(`ls -l ${state}/${kept}`) + asNobody(`cat ${state}/${kept}`), kept).toMatch(
            /Permission denied[\s\S]*Permission denied|Permission denied/,
        );
    }
});
