import { expect, test } from '@playwright/test';
import { complaints, endSession, makePlanFrom, readAndReason, screen, signIn, startSession, trialsLogged } from './steps.js';

/** @typedef {import('./steps.js').Page} Page */

/** One tap at what is in sight. @param {Page} page @param {string} what */
const tap = (page, what) => page.locator(what).filter({ visible: true }).first().click();

/** A repetition by one tap, and what the screen says after it. @param {Page} page @param {string} what */
async function rep(page, what) {
    const before = await trialsLogged(page);
    await tap(page, what);
    await expect(screen(page)).toHaveAttribute('data-count', String(before + 1));
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    return {
        action: await screen(page).locator('[data-advice]').getAttribute('data-action'),
        said: await screen(page).locator('[data-reasons]').textContent(),
    };
}

/** What is under "more" is one tap further. @param {Page} page @param {number} drawer @param {() => Promise<unknown>} what */
async function within(page, drawer, what) {
    const open = page.locator('details.drawer').nth(drawer);
    await open.evaluate((element) => element.setAttribute('open', ''));
    const told = await what();
    await open.evaluate((element) => element.removeAttribute('open'));
    return told;
}

/** The session as it is kept. @param {Page} page */
const exported = async (page) =>
    (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();

test('a basket in one sitting: here goes where the hand goes, halves are waited for, and the food that was counted ends it', async ({
    page,
    isMobile,
}) => {
    test.skip(!isMobile, 'in a kitchen, on a phone');
    const found = complaints(page);
    await signIn(page);
    await makePlanFrom(page, 4, 'contact', 'basket-muzzle', 'Wicker basket');
    await page.getByRole('link', { name: 'Start a session' }).click();
    await readAndReason(page);
    await page.getByLabel('Pieces, usual food').fill('9');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(screen(page)).toHaveAttribute('data-ready', 'true');
    const here = page.locator('[data-here-words]');

    await test.step('any look is paid; two taps bring the basket into the hand, and the screen follows', async () => {
        await expect(here).toContainText('It appears on the floor');
        await rep(page, '[data-do="band-0"]');
        await tap(page, '[data-do="nearer"]');
        await tap(page, '[data-do="nearer"]');
        await expect(here).toContainText('In your hand, nearer');
        for (let i = 0; i < 2; i++) await rep(page, '[data-do="band-0"]');
        await expect(here, 'nobody is sent back for going ahead').toContainText('In your hand, nearer');
    });

    await test.step('other hands, by one pick; half of it and a chin rest are no noes', async () => {
        await within(page, 1, () => page.locator('[data-handler]').selectOption({ label: 'Ines Calder' }));
        for (const outcome of ['part_of_it', 'part_of_it', 'offered_else']) {
            const now = await within(page, 0, () => rep(page, `[data-outcome="${outcome}"]`));
            expect(now, outcome).toMatchObject({ action: 'repeat' });
        }
        await expect(page.locator('[data-first-reason]')).toContainText('It offers something else: wait');
    });

    await test.step('from the lap to the floor: one pick that stays, and it dives in', async () => {
        await tap(page, '[data-chip="more"]');
        await page.locator('[data-chip-values]').getByRole('button', { name: 'Where gear is held' }).click();
        await page.locator('[data-chip-values]').getByRole('button', { name: 'held at the ground' }).click();
        await expect(page.locator('[data-chip="held_at"]')).toHaveText('held at the ground');
        await rep(page, '[data-do="band-0"]');
    });

    await test.step('a doubt of a dog that has bitten: one thing is changed at once, and nothing is fastened', async () => {
        const now = await rep(page, '[data-do="doubt"]');
        expect(now.action).toBe('change_other');
        expect(now.said).not.toMatch(/fasten|strap/);
    });

    await test.step('the last of nine pieces', async () => {
        await rep(page, '[data-do="band-0"]');
        await expect(page.locator('[data-food-left]')).toHaveText('0');
        await expect(page.locator('[data-ask-words]')).toHaveText('You counted 9 pieces. Are you out of food?');
        await page.locator('[data-answer="yes"]').click();
        await expect(screen(page).locator('[data-advice]')).toHaveAttribute('data-action', 'end_well');
    });

    const { trials } = await exported(page);
    expect(trials.map((/** @type {{outcome: string}} */ one) => one.outcome)).toEqual([
        ...Array(3).fill('reached'),
        'part_of_it',
        'part_of_it',
        'offered_else',
        'reached',
        'taken_away',
        'reached',
    ]);
    expect(trials.map((/** @type {{exposure: Record<string, string>}} */ one) => one.exposure.held_at ?? '')).toEqual([
        ...Array(6).fill(''),
        ...Array(3).fill('ground'),
    ]);
    await endSession(page);
    await expect(page.getByText('Ines Calder').first()).toBeVisible();
    expect(found).toEqual([]);
});

test('hands all over: picked up by its own steps, and a person it mistrusts begins from the floor', async ({ page, isMobile }) => {
    test.skip(!isMobile, 'in a living room, on a phone');
    const found = complaints(page);
    await signIn(page);

    await test.step('two hands to the ribs: easier and harder are its own steps; a yawn and a shake can both be ticked', async () => {
        await makePlanFrom(page, 3, 'contact', 'picking-up', 'Picked up');
        await startSession(page);
        for (let i = 0; i < 2; i++) await tap(page, '[data-do="nearer"]');
        await expect(page.locator('[data-here-words]')).toHaveText('Both hands at the ribs, no weight.');
        await rep(page, '[data-do="band-0"]');
        await within(page, 0, async () => {
            await page.locator('[data-all-signs]').evaluate((all) => all.setAttribute('open', ''));
            for (const sign of ['yawn', 'scratch.shake']) await page.locator(`label[for="as-${sign}"]`).click();
        });
        await rep(page, '[data-do="band-1"]');
        await expect(page.locator('[data-ask]')).toBeHidden();
        expect((await exported(page)).trials[1].signs).toEqual(['scratch.shake', 'yawn']);
        await tap(page, '[data-do="nearer"]');
        await expect(page.locator('[data-here-words]')).toHaveText('Both hands close a little, open, feed.');
        await endSession(page);
    });

    await test.step('the neighbor: from the floor, his hand near and still; fetched by somebody it likes', async () => {
        const plan = await makePlanFrom(page, 3, 'contact', 'item-as-target', 'Sling and the neighbor');
        await page.getByRole('link', { name: 'Start a session' }).click();
        await readAndReason(page);
        await page.getByText('Somebody else').click();
        await page.getByLabel('Their name').fill('Corwin Ashby');
        await page.getByRole('button', { name: 'Start', exact: true }).click();
        await expect(screen(page)).toHaveAttribute('data-ready', 'true');
        await tap(page, '[data-chip="step"]');
        await page.locator('[data-chip-values]').getByRole('button', { name: /^5:/ }).click();
        await tap(page, '[data-chip="more"]');
        await page.locator('[data-chip-values]').getByRole('button', { name: 'Who fetches the gear' }).click();
        await page.locator('[data-chip-values]').getByRole('button', { name: 'liked person' }).click();
        await rep(page, '[data-do="band-0"]');
        const barked = await rep(page, '[data-do="band-4"]');
        expect(barked.action).toBe('break');
        expect(barked.said).toMatch(/calmly|hands/i);
        const { trials } = await exported(page);
        expect(trials[0].exposure).toMatchObject({ fetched_by: 'liked', item_state: 'floor', hand_timing: 'placed' });
        expect(trials[1].outcome).toBe('reacted');
        await endSession(page);
        await expect(page.getByText(/with Corwin Ashby/)).toBeVisible();

        // next time something that can be done, and no distance in meters
        await page.goto(plan);
        const start = page.getByRole('heading', { name: /^Start here|^Not this today/ });
        await expect(start).toBeVisible();
        expect(await start.textContent()).not.toMatch(/\d (m|ft|yd)\b/);
    });
    expect(found).toEqual([]);
});
