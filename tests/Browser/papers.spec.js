import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, signIn } from './steps.js';

/** Last year's log of three dogs as one keeps it: yards, months first, three spellings, and 41 rows that cannot be. */
function lastYear() {
    const rows = ['Dog,Plan,Date,Time,Yards,Result,Stress,Food,Notes'];
    const spellings = ['Gorse', 'gorse ', 'Gorze'];
    for (let i = 0; i < 3100; i++) {
        const day = new Date(Date.UTC(2025, 0, 6 + Math.floor(i / 12)));
        const date = `${day.getUTCMonth() + 1}/${day.getUTCDate()}/${day.getUTCFullYear()}`;
        const broken = i % 75 === 10 && i < 75 * 41;
        const band = i % 9 === 0 ? 2 : i % 2;
        rows.push(
            [
                spellings[i % 3],
                'Horse riders',
                date,
                `${9 + Math.floor((i % 12) / 6)}:${String((i * 5) % 60).padStart(2, '0')} am`,
                broken ? 'far' : String(90 - Math.floor(i / 60)),
                band === 2 ? 'cued' : 'looked back',
                band,
                'ate',
                `row ${i}`,
            ].join(','),
        );
    }
    return rows.join('\r\n');
}

test('the vet calls: a page, its PDF and a link that ends, in a minute', async ({ page, browser, isMobile }, info) => {
    test.skip(isMobile, 'the office has a desk');
    const found = complaints(page);
    await signIn(page);
    await page.goto('/find?q=mabel');
    await page
        .getByRole('link', { name: /Old Mabel/ })
        .first()
        .click();
    await page.getByRole('link', { name: 'Reports', exact: true }).click();
    await page.getByRole('link', { name: 'For the vet' }).click();
    await page.getByLabel('Bites and incidents').uncheck();
    await page.getByLabel('For (a name)').fill('Dr. Aldous Fenn');
    await page.getByRole('button', { name: 'Show it like this' }).click();
    await expect(page.locator('article.report')).toContainText('pain relief');
    await expect(page.locator('article.report')).not.toContainText('Bites and incidents');
    await page.getByRole('button', { name: 'Save this report' }).click();
    const [paper] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Download as PDF' }).click()]);
    expect(paper.suggestedFilename()).toMatch(/^old-mabel-vet-\d{4}-\d\d-\d\d\.pdf$/);
    await paper.saveAs(info.outputPath('vet.pdf'));
    const text = execFileSync('pdftotext', ['-layout', info.outputPath('vet.pdf'), '-']).toString();
    for (const told of ['Old Mabel: for the vet', 'Dr. Aldous Fenn', 'pain relief', 'Weight']) expect(text).toContain(told);
    expect(text).not.toContain('Bites and incidents');

    await page.getByRole('button', { name: 'Make a link' }).click();
    const path = new URL((await page.locator('[data-link]').textContent()) ?? '').pathname;
    await expectAccessible(page, 'a saved report');
    const vet = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await vet.goto(path);
    await expect(vet.locator('article.report')).toContainText('pain relief');
    await expect(vet.getByRole('link', { name: 'Download as PDF' })).toBeVisible();
    await expectAccessible(vet, 'a report by its link');
    await vet.context().close();
    await page.reload();
    await expect(page.getByText('Opened once')).toBeVisible();
    await page.getByRole('button', { name: /^Close/ }).click();
    expect((await page.request.get(path)).status()).toBe(410);
    expect(found).toEqual([]);
});

test("last year's spreadsheet: matched, told by row, imported, undone, imported", async ({ page, isMobile }) => {
    test.skip(isMobile, 'the office has a desk');
    const found = complaints(page);
    await signIn(page);
    await page.getByText('Menu').first().click();
    await page.getByRole('link', { name: 'Import and lists', exact: true }).click();
    const bring = async () => {
        await page.getByLabel('File').setInputFiles({ name: 'log-2025.csv', mimeType: 'text/csv', buffer: Buffer.from(lastYear()) });
        await page.getByRole('button', { name: 'Look at it' }).click();
    };
    await bring();
    await expect(page.getByLabel('Distances')).toHaveValue('yd');
    await expect(page.getByLabel('Dates')).toHaveValue('mdy');
    await expect(page.getByLabel(/^Gorze/)).toHaveValue(/^i\d+$/);
    await expectAccessible(page, 'columns to match');
    await page.getByRole('button', { name: 'Look through all rows' }).click();
    const ready = page.getByRole('button', { name: 'Import the 3,059 good rows' });
    await expect(ready).toBeVisible();
    await expect(page.locator('.list-group-item').first()).toContainText('Distance: cannot be read as a number');
    await expectAccessible(page, 'problems by row');
    await ready.click();
    const undo = page.getByRole('button', { name: 'Undo this import' });
    await expect(undo).toBeVisible({ timeout: 60_000 });

    await undo.click();
    await expect(page.getByText('Undone', { exact: true })).toBeVisible({ timeout: 60_000 });
    await page.goto('/imports');
    await bring();
    await page.getByRole('button', { name: 'Look through all rows' }).click();
    await ready.click();
    await expect(undo).toBeVisible({ timeout: 60_000 });
    await undo.click();
    await expect(page.getByText('Undone', { exact: true })).toBeVisible({ timeout: 60_000 });
    expect(found).toEqual([]);
});

test('a clicker that counts logs reps at home through its own token', async ({ page, baseURL, isMobile }, info) => {
    test.skip(isMobile, 'the office has a desk');
    await signIn(page);
    await page.goto('/programs');
    await page.getByLabel('Program').fill('Clicker in the kitchen');
    await page.getByLabel('read what you may see').check();
    await page.getByLabel('log trials and reps at home').check();
    await page.getByRole('button', { name: 'Make a token' }).click();
    const token = (await page.locator('[data-link]').textContent()) ?? '';
    await expectAccessible(page, 'programs');
    const asked = { headers: { Authorization: `Bearer ${token}` } };
    const tasks = (await (await page.request.get('/api/v1/homework', asked)).json()).data;
    const done = async () => (await (await page.request.get(`/api/v1/home-reps?dog=${tasks[0].dog}&limit=200`, asked)).json()).data;
    const before = (await done()).length;

    /** @param {string} lines @param {string} address */
    const count = async (lines, address) => {
        const clicker = spawn('devices/clicker-counter.js', [
            ...['--address', address, '--token', token, '--dog', String(tasks[0].dog)],
            ...['--task', String(tasks[0].id), '--kept', info.outputPath('clicks.json')],
        ]);
        clicker.stdin.end(lines);
        const [code] = await once(clicker, 'close');
        return code;
    };
    writeFileSync(info.outputPath('clicks.json'), '[]');
    // nobody answers there: what was clicked waits
    expect(await count('\n\n', 'http://127.0.0.1:9/api/v1')).toBe(1);
    expect((await done()).length).toBe(before);
    expect(await count('\nn\nu\n', `${baseURL}/api/v1`)).toBe(0);
    const reps = await done();
    expect(reps.length - before).toBe(4);
    expect(reps.filter((/** @type {{isTakenOut: boolean}} */ rep) => rep.isTakenOut).length).toBe(1);

    await page.getByRole('button', { name: /^Close/ }).click();
    expect((await page.request.get('/api/v1/dogs', asked)).status()).toBe(401);
});
