import { execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { complaints, endSession, logTrial, makePlan, screen, signIn, sql, startSession, tapTrial } from './steps.js';

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

test('a backup taken under load comes back on a new machine, whole, and its pages open', async ({ browser }) => {
    const folder = shell('folder=$(mktemp -d); chmod 755 $folder; echo $folder').trim();
    const [port, other] = [8174, `${folder}/state`];
    // another copy, as on another machine
    const there = {
        ...process.env,
        WHEATEAR_INSTANCE: 'restored',
        WHEATEAR_PORT: String(port),
        WHEATEAR_STATE: other,
        WHEATEAR_RUN: `/run/wheatear-${port}`,
        WHEATEAR_DB_NAME: '',
        WHEATEAR_DB_PORT: '',
        WHEATEAR_FPM_PORT: '',
        WHEATEAR_PUBLIC_URL: '',
    };
    const inOther = (/** @type {string} */ command) => execFileSync('bash', ['-c', `${command} 2>&1`], { env: there, encoding: 'utf8' });
    const here = { ...process.env, WHEATEAR_DB_NAME: 'wheatear_browser' };
    // a second try finds what the first one wrote
    const under = `under load ${Date.now()}`;
    const write = (/** @type {number} */ i) =>
        sql(`INSERT INTO trail_entries (practice_id, action, about, done_at) VALUES (1, 'changed', '${under} ${i}', NOW(3))`);
    write(0);
    try {
        let written = 1;
        const backup = await new Promise((done, failed) => {
            const running = spawn('bin/backup', [folder], { env: here });
            let told = '';
            running.stderr.on('data', (text) => (told += text));
            const load = setInterval(() => write(written++), 20);
            running.on('close', (code) => {
                clearInterval(load);
                code === 0 ? done(told.trim().split('\n').at(-1)) : failed(new Error(told));
            });
        });
        console.log(`written while it ran: ${written}`);
        expect(written, 'written while it ran').toBeGreaterThan(5);

        shell(`head -c $(($(stat -c %s ${backup}) / 2)) ${backup} > ${folder}/half.tar.gz`);
        expect(shell(`bin/restore ${folder}/half.tar.gz 2>&1 || true`)).toContain('not whole; nothing was changed');
        const refused = execFileSync('bash', ['-c', `bin/restore ${backup} 2>&1 || true`], { env: here, encoding: 'utf8' });
        expect(refused).toContain('there is a practice here already');

        const started = Date.now();
        expect(inOther(`bin/restore ${backup}`)).toContain(`http://127.0.0.1:${port}`);
        console.log(`restored and serving after ${Math.round((Date.now() - started) / 1000)} s`);

        const ask = (/** @type {string} */ run, /** @type {string} */ database, /** @type {string} */ statement) =>
            shell(`mariadb --no-defaults --socket=${run}/db/mysqld.sock -uroot -N -B ${database} -e "${statement}"`);
        const tables = ask(String(process.env.WHEATEAR_RUN), 'wheatear_browser', 'SHOW TABLES')
            .trim()
            .split('\n')
            // the last three are what servers keep for themselves, and change by the clock
            .filter((table) => !['trail_entries', 'cache_entries', 'cache_locks', 'jobs'].includes(table));
        expect(tables.length).toBeGreaterThan(40);
        const checksums = (/** @type {string} */ run, /** @type {string} */ database) =>
            ask(run, database, `CHECKSUM TABLE ${tables.join(', ')}`).replaceAll(`${database}.`, '');
        expect(checksums(`/run/wheatear-${port}`, 'wheatear_restored')).toBe(
            checksums(String(process.env.WHEATEAR_RUN), 'wheatear_browser'),
        );
        // of what was written meanwhile: a beginning without a gap
        const load = ask(
            `/run/wheatear-${port}`,
            'wheatear_restored',
            `SELECT about FROM trail_entries WHERE about LIKE '${under}%' ORDER BY id`,
        );
        const kept = load.trim().split('\n');
        expect(kept).toEqual(kept.map((_, i) => `${under} ${i}`));

        const page = await (await browser.newContext({ baseURL: `http://127.0.0.1:${port}` })).newPage();
        await signIn(page);
        for (const path of ['/dogs/1', '/plans/1', '/sessions/12/review', '/trail'])
            expect((await page.goto(path))?.status(), path).toBe(200);
        await page.context().close();
    } finally {
        inOther('bin/stop');
        shell(`rm -rf ${folder}`);
    }
});

test('a web server or PHP that was killed leaves nothing behind that keeps it from starting again', async ({ page }) => {
    for (const [server, start] of [
        ['nginx', 'start_nginx'],
        ['fpm', 'start_fpm'],
    ]) {
        process.kill(Number(readFileSync(`${state}/${server}.pid`, 'utf8')), 'SIGKILL');
        shell(`. bin/lib/instance.sh; . bin/lib/servers.sh; export_environment; ${start} >/dev/null 2>&1`);
        expect((await page.goto('/sign-in'))?.status(), server).toBe(200);
    }
});

test('as a service, each server that is killed is started again, and the database is on no network', async () => {
    const folder = shell('folder=$(mktemp -d); chmod 755 $folder; echo $folder').trim();
    const other = `${folder}/state`;
    const env = {
        ...process.env,
        WHEATEAR_INSTANCE: 'served',
        WHEATEAR_STATE: other,
        WHEATEAR_RUN: `${folder}/run`,
        WHEATEAR_PORT: '8184',
        WHEATEAR_USER: 'www-data',
        WHEATEAR_DB_NAME: '',
        WHEATEAR_DB_PORT: '',
        WHEATEAR_FPM_PORT: '',
        WHEATEAR_PUBLIC_URL: '',
        DB_SOCKET: '',
    };
    const healthy = async () => (await fetch('http://127.0.0.1:8184/health').catch(() => null))?.status;
    const main = (/** @type {string} */ server) => shell(`cat ${other}/${server}.pid 2>/dev/null || true`).trim();
    for (const server of ['database', 'php', 'web', 'worker', 'scheduler'])
        spawn('tests/Browser/supervise', [server, `${folder}/stop`], { env, stdio: 'ignore' });
    try {
        await expect.poll(healthy, { timeout: 60_000 }).toBe(200);
        // what it ran with is seen by all accounts of the machine: no password is among it, and no port is open
        expect(shell(`tr '\\0' ' ' < /proc/${main('mariadb')}/cmdline`)).toContain('--skip-networking');
        await expect.poll(async () => (await fetch('http://127.0.0.1:8184/sign-in')).status, { timeout: 60_000 }).toBe(200);
        // what waits is taken: the worker works
        const ask = (/** @type {string} */ statement) =>
            shell(`mariadb --no-defaults --socket=${folder}/run/db/mysqld.sock -uroot -N -B wheatear_served -e "${statement}"`).trim();
        ask("INSERT INTO jobs (queue, payload, attempts, available_at, created_at) VALUES ('default', '{}', 0, 0, 0)");
        const waiting = () => ask('SELECT COUNT(*) FROM jobs');
        await expect.poll(waiting, { timeout: 30_000 }).toBe('0');
        for (const server of ['mariadb', 'fpm', 'nginx', 'worker', 'scheduler']) {
            const before = main(server);
            process.kill(Number(before), 'SIGKILL');
            await expect.poll(() => main(server) !== before && main(server) !== '', { message: server, timeout: 60_000 }).toBe(true);
            await expect.poll(healthy, { message: server, timeout: 60_000 }).toBe(200);
        }
    } finally {
        shell(`touch ${folder}/stop; kill $(cat ${other}/worker.pid ${other}/scheduler.pid) 2>/dev/null || true`);
        shell(`pkill -f ${folder}/[s]tate/ || true; sleep 2; pkill -9 -f ${folder}/[s]tate/ || true; rm -rf ${folder}`);
    }
});

test('a process that was given an old number is left alone', () => {
    const state = shell('mktemp -d').trim();
    try {
        const innocent = shell(`sleep 300 >/dev/null 2>&1 & echo $!`).trim();
        for (const server of ['nginx', 'fpm', 'mariadb']) shell(`echo ${innocent} > ${state}/${server}.pid`);
        shell(`WHEATEAR_STATE=${state} WHEATEAR_INSTANCE=old bin/stop`);
        expect(shell(`ps -o comm= -p ${innocent}`).trim()).toBe('sleep');
        shell(`kill ${innocent}`);
    } finally {
        shell(`rm -rf ${state}`);
    }
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
