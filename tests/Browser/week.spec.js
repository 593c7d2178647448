import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, signIn } from './steps.js';

/** What a calendar program would show. @param {import('@playwright/test').APIRequestContext} request @param {string} path */
async function feed(request, path) {
    const text = (await (await request.get(path)).text()).replaceAll('\r\n ', '');
    return text
        .split('BEGIN:VEVENT')
        .slice(1)
        .map((event) => ({
            uid: /UID:(\S+)/.exec(event)?.[1] ?? '',
            sequence: Number(/SEQUENCE:(\d+)/.exec(event)?.[1]),
            status: /STATUS:(\w+)/.exec(event)?.[1],
            starts: /DTSTART;TZID=[^:]+:(\S+)/.exec(event)?.[1] ?? '',
            what: /SUMMARY:(.+)/.exec(event)?.[1]?.trim() ?? '',
        }));
}

test('a week is planned, dragged, followed by a calendar, changed, and seen changed', async ({ page, request, isMobile }) => {
    test.skip(isMobile, 'days lie beside each other on a desk');
    const found = complaints(page);
    await signIn(page);
    await page.getByRole('link', { name: 'Week', exact: true }).click();
    await page.getByRole('link', { name: 'The week after' }).click();
    await page.getByRole('button', { name: /Propose/ }).click();
    await expect(page.getByText('The week is planned')).toBeVisible();
    await expectAccessible(page, 'a week');
    const week = page.url();

    await page.goto('/people/1/calendar');
    await page.getByRole('button', { name: 'Make an address' }).click();
    const path = new URL((await page.locator('[data-link]').textContent()) ?? '').pathname;
    await expectAccessible(page, 'a calendar');
    await page.goto(week);
    const carts = page.locator('[data-appointment]', { hasText: 'Bodkin · Delivery carts' }).first();
    const before = (await feed(request, path)).filter((event) => event.what === 'Bodkin · Delivery carts');
    expect(before.length).toBeGreaterThan(1);

    // before it moves: then another one may be the first
    const moved = page.locator(`#${await carts.evaluate((card) => card.id)}`);
    // dragged to the evening of the next day, where no proposal lays anything
    // what else was planned may have pushed it down
    await moved.scrollIntoViewIfNeeded();
    const from = await moved.boundingBox();
    const day = Number(await moved.evaluate((card) => [...document.querySelectorAll('[data-day]')].findIndex((one) => one.contains(card))));
    const to = await page
        .locator('[data-hours]')
        .nth(day + 1)
        .boundingBox();
    if (!from || !to) throw new Error('Nothing to drag, or nowhere to drop.');
    await page.mouse.move(from.x + 20, from.y + 5);
    await page.mouse.down();
    await page.mouse.move(from.x + 40, from.y + 40, { steps: 4 });
    await page.mouse.move(to.x + 40, to.y + 24 * 40 + 5, { steps: 8 });
    await page.mouse.up();
    await expect(page.locator('[data-week-told]')).toContainText('Moved to');
    await expect(page.locator('[data-week-told]')).toContainText('6:00');
    await expect(moved).toHaveClass(/is-pinned/);
    await expect(moved).toBeFocused();

    // by keys: a quarter hour on, let go, pinned again
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-week-told]')).toContainText('6:15');
    await page.keyboard.press('p');
    await expect(moved).not.toHaveClass(/is-pinned/);
    await page.keyboard.press('p');
    await expect(moved).toHaveClass(/is-pinned/);
    const after = await feed(request, path);
    const same = before.filter((event) => after.some((now) => now.uid === event.uid));
    expect(same).toHaveLength(before.length);
    const changed = after.filter((event) => before.some((was) => was.uid === event.uid && was.starts !== event.starts));
    expect(changed).toHaveLength(1);
    expect(changed[0]?.starts).toMatch(/T181500$/);
    expect(changed[0]?.sequence).toBeGreaterThanOrEqual((before.find((was) => was.uid === changed[0]?.uid)?.sequence ?? 0) + 4);
    expect(changed[0]?.status).toBe('CONFIRMED');

    // onto somebody else's time: refused, and it stays where it was
    await page.getByText('Something else', { exact: true }).click();
    await page.getByLabel('What', { exact: true }).fill('Harbor meeting');
    const on = (await moved.getAttribute('data-on')) ?? '';
    await page.getByLabel('Day', { exact: true }).fill(on);
    await page.getByLabel('From', { exact: true }).fill('19:00');
    await page.getByRole('combobox', { name: 'Who' }).selectOption({ label: 'Rowan Thwaite' });
    await page.getByRole('button', { name: 'Add it' }).click();
    await moved.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-week-told]')).toContainText('6:30');
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-week-told]')).toContainText('Not moved: Rowan Thwaite has “Harbor meeting”');
    await expect(moved).toContainText('6:30');

    // proposed again around it, and cancelled: the calendar hears of both
    await page.getByRole('button', { name: /Propose/ }).click();
    await expect(moved).toContainText('6:30');
    await moved.press('Enter');
    await expectAccessible(page, 'an appointment');
    const file = page.waitForEvent('download');
    await page.getByRole('link', { name: 'For a calendar (a file)' }).click();
    expect((await file).suggestedFilename()).toBe(`session-${on}.ics`);
    await page.getByRole('button', { name: 'Cancel it' }).click();
    await expect(page.getByText('It is cancelled.')).toBeVisible();
    expect((await feed(request, path)).find((event) => event.uid === changed[0]?.uid)?.status).toBe('CANCELLED');
    // a refused move answers 422, which the browser reports by itself
    expect(found.filter((complaint) => !complaint.includes('422'))).toEqual([]);
});

test('busy times come in from an address, and from one that lies only a word', async ({ page, isMobile }) => {
    test.skip(isMobile, 'one stand-in is enough');
    const standIn = spawn('devices/calendar-feed', ['--port', '8160'], { stdio: ['ignore', 'pipe', 'inherit'] });
    try {
        await once(standIn.stdout, 'data');
        await signIn(page, 'ines');
        await page.goto('/people/2/calendar');
        const take = async (/** @type {string} */ address) => {
            await page.getByLabel('Name').fill('Own calendar');
            await page.getByLabel('Address').fill(address);
            await page.getByRole('button', { name: 'Import' }).click();
        };
        await take('http://127.0.0.1:8160/lies.ics');
        await expect(page.getByText('That is no calendar that can be read.').first()).toBeVisible();
        await expect(page.getByLabel('Name')).toHaveValue('Own calendar');
        await take('http://127.0.0.1:8160/huge.ics');
        await expect(page.getByText('The calendar is larger than one megabyte.').first()).toBeVisible();
        await take('http://127.0.0.1:8160/busy.ics');
        await expect(page.getByText(/Own calendar: \d+ busy times/)).toBeVisible();
        await page.goto('/week');
        await page.getByRole('link', { name: 'The week after' }).click();
        await page.getByRole('button', { name: /Propose/ }).click();
        const tuesday = page.locator('[data-day]').nth(1).locator('[data-appointment]', { hasText: 'Ines Calder' });
        // the dentist is from 9:30 to 11:00
        for (const minute of await tuesday.evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-minute')))))
            expect(minute < 570 || minute >= 660).toBe(true);
    } finally {
        standIn.kill();
    }
});

test('on a phone a session is moved by taps, and a helper reads when and where', async ({ page, browser, isMobile }) => {
    test.skip(!isMobile, 'a desk drags');
    await signIn(page);
    await page.getByRole('link', { name: 'Week', exact: true }).click();
    await page.getByRole('link', { name: 'The week after' }).click();
    const card = page.locator('.week-card', { hasText: 'Gorse · Horse riders' }).first();
    await card.click();
    // into the days that a helper reads about, whatever day of the week it is
    await page.getByLabel('Day').fill(new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10));
    await page.getByLabel('From').fill('19:15');
    await page.getByRole('button', { name: 'Move it there' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Moved to' })).toContainText('7:15');
    await page.setViewportSize({ width: 320, height: 640 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);

    const helper = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(helper, 'jory');
    const when = helper.getByRole('link', { name: /7:15.*Session with Gorse/ });
    await expect(when.first()).toBeVisible();
    await when.first().click();
    await expect(helper.getByText('Old ropewalk field').first()).toBeVisible();
    expect(await helper.locator('main').innerText()).not.toContain('Horse riders');
    await expectAccessible(helper, 'an appointment of a helper');
    await helper.context().close();
});
