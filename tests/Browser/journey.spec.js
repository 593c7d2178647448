import { expect, test } from '@playwright/test';
import { advice, complaints, expectAccessible, logTrial, makePlan, signIn } from './steps.js';

test('a session of twelve trials from nothing: sign in, plan, log, review, export', async ({ page }, { project }) => {
    const found = complaints(page);
    await page.goto('/sign-in');
    await expectAccessible(page, 'sign-in');
    await signIn(page);
    await expectAccessible(page, 'today');

    const trigger = `Rolling suitcases ${project.name}`;
    await makePlan(page, 'Thimble', trigger);
    await expectAccessible(page, 'plan');
    await page.getByRole('button', { name: 'Start a session' }).click();

    // nothing is known of this dog: a short look at the easiest there is room for
    let said = await advice(page);
    expect(said).toMatchObject({ action: 'probe', next: 120 });
    await expectAccessible(page, 'session');

    // one calm look brings it within the limits; five unprompted returns in a row are the criterion
    await expect(page.locator('[data-reason="risk"]')).toContainText('reaction at most 1.8\u00a0% (limit 1.4\u00a0%)');
    for (let run = 1; run <= 4; run++) {
        said = await logTrial(page, { outcome: 'returned', band: 0, latency: 'under_1', signs: run === 1 ? ['face.soft'] : undefined });
        expect(said.action, `trial ${run}`).toBe('repeat');
        await expect(page.locator('[data-reason="run"]')).toContainText(`${run} of 5`);
    }
    said = await logTrial(page, { outcome: 'returned', band: 0 });
    expect(said.action).toBe('advance');
    expect(said.reasons).toEqual(expect.arrayContaining(['criterion', 'risk', 'advances']));
    expect(said.next).toBe(80);

    // a prompted return starts the run again, and is no failure
    await logTrial(page, { outcome: 'returned', band: 0 });
    said = await logTrial(page, { outcome: 'prompted', band: 0, latency: '1_2' });
    expect(said).toMatchObject({ action: 'repeat', next: 80 });
    await expect(page.locator('[data-reason="run"]')).toContainText('0 of 5');

    // food refused is too hard before any bark
    said = await logTrial(page, { outcome: 'returned', band: 2, food: 'refused' });
    expect(said.action).toBe('ease');
    expect(said.reasons).toContain('food-or-cue');
    expect(said.next).toBeGreaterThan(80);
    const eased = said.next;

    // strain eases again, and the numbers are shown
    said = await logTrial(page, { outcome: 'prompted_stiff', band: 3, signs: ['stare', 'stiff'] });
    expect(['ease', 'end_well']).toContain(said.action);
    expect(said.reasons).toContain('strain');
    if (said.action === 'ease') expect(said.next).toBeGreaterThan(eased);

    // the trainer goes on against the advice to end; the log keeps what was really done
    await logTrial(page, { outcome: 'returned', band: 0, distance: '110' });
    await logTrial(page, { outcome: 'watched', band: 1, distance: '110' });
    said = await logTrial(page, { outcome: 'reacted_came', distance: '90' });
    expect(said.action).toBe('break');
    expect(said.reasons).toContain('reaction');

    await page.getByLabel(/Note for the end/).filter({ visible: true }).fill('Windy. Ended after the reaction.');
    await page.getByRole('button', { name: 'End the session' }).filter({ visible: true }).click();
    await expect(page.getByText('12 trials in')).toBeVisible();
    await expect(page.locator('svg.chart use')).toHaveCount(12);
    await expect(page.getByRole('row', { name: /reacted, came when called/ })).toContainText('over');
    await expect(page.getByText('Windy. Ended after the reaction.')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Limit distance' })).toBeVisible();
    await expectAccessible(page, 'review');

    const json = await page.request.get(await page.getByRole('link', { name: 'JSON' }).getAttribute('href') ?? '');
    const exported = await json.json();
    expect(exported.trials.map((/** @type {{band: number}} */ trial) => trial.band)).toEqual([0, 0, 0, 0, 0, 0, 0, 2, 3, 0, 1, 4]);
    expect(exported.trials[11].exposure.distance).toBe(90);
    const csv = await page.request.get(await page.getByRole('link', { name: 'CSV' }).getAttribute('href') ?? '');
    expect((await csv.text()).trim().split('\r\n')).toHaveLength(13);
    expect(found).toEqual([]);
});

test('the next session starts where the warm-up rule says', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Delivery carts' }).first().click();
    const reason = page.getByText(/Step \d+ was held\. \d+ steps? back/);
    await expect(reason).toBeVisible();
    const [held, back] = ((await reason.textContent()) ?? '').match(/\d+/g)?.map(Number) ?? [];
    expect(back).toBeGreaterThanOrEqual(1);
    const wished = page.getByRole('row').nth(held - back).getByRole('cell').first();
    const start = page.getByRole('heading', { name: /^Start here/ });
    // there, or farther away where today's limits ask for it
    const meters = Number(((await start.textContent()) ?? '').match(/[\d.]+/)?.[0]);
    expect(meters).toBeGreaterThanOrEqual(Math.floor(Number(((await wished.textContent()) ?? '').match(/[\d.]+/)?.[0])));
    await expectAccessible(page, 'plan with history');
});

test('bad input is told at the field, and all that was typed stays', async ({ page }, { project }) => {
    await signIn(page);
    await makePlan(page, 'Thimble', `Umbrellas ${project.name}`);
    await page.getByRole('button', { name: 'Start a session' }).click();
    await page.locator('label[for="o-prompted"]').click();
    await page.locator('#distance').fill('-5');
    await page.getByText(/^More:/).click();
    await page.getByLabel('Note', { exact: true }).fill('by the slipway');
    await page.getByRole('button', { name: 'Log trial' }).click();
    await expect(page.locator('#distance-problem')).toContainText('more than 0');
    await expect(page.locator('#distance')).toHaveValue('-5');
    await expect(page.locator('#note')).toHaveValue('by the slipway');
    await expectAccessible(page, 'session with a problem');

    await page.locator('#distance').fill('100');
    await page.locator('label[for="b-1"]').click();
    await page.getByRole('button', { name: 'Log trial' }).click();
    await expect(page.locator('#session-panel')).toHaveAttribute('data-trials', '1');

    await page.goto('/dogs/3/plans/create');
    await page.getByLabel(/^Something new/).fill('Kites');
    await page.getByLabel('Start', { exact: true }).fill('20');
    await page.getByLabel('Goal', { exact: true }).fill('30');
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByText('The goal must be nearer than the start.').first()).toBeVisible();
    await expect(page.getByLabel('Start', { exact: true })).toHaveValue('20');
    await expectAccessible(page, 'plan form with a problem');
});

test('undo takes the last trial back, and its advice with it', async ({ page }, { project }) => {
    await signIn(page);
    await makePlan(page, 'Thimble', `Gulls ${project.name}`);
    await page.getByRole('button', { name: 'Start a session' }).click();
    const before = await logTrial(page, { outcome: 'returned', band: 0 });
    await logTrial(page, { outcome: 'prompted_stiff', band: 3 });
    await page.getByRole('button', { name: 'Undo the last' }).click();
    await expect(page.locator('#session-panel')).toHaveAttribute('data-trials', '1');
    expect(await advice(page)).toEqual(before);
});

test('every form works without JavaScript', async ({ browser }, { project }) => {
    const context = await browser.newContext({ javaScriptEnabled: false, viewport: project.use.viewport });
    const page = await context.newPage();
    await signIn(page, 'ines');
    await makePlan(page, 'Thimble', `Parasols ${project.name}`);
    await page.getByRole('button', { name: 'Start a session' }).click();
    await page.locator('label[for="o-returned"]').click();
    await page.locator('label[for="b-0"]').click();
    await page.getByRole('button', { name: 'Log trial' }).click();
    await expect(page.locator('#session-panel')).toHaveAttribute('data-trials', '1');
    await page.getByRole('button', { name: 'End the session' }).filter({ visible: true }).click();
    await expect(page.getByText('1 trial in')).toBeVisible();
    await context.close();
});

test('a trial can be logged with the keyboard alone', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'a phone has no keyboard');
    await signIn(page);
    await makePlan(page, 'Thimble', 'Deck chairs');
    await page.getByRole('button', { name: 'Start a session' }).focus();
    await page.keyboard.press('Enter');
    await page.locator('#o-returned').focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await expect(page.locator('#b-0')).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await page.locator('#distance').press('Enter');
    await expect(page.locator('#session-panel')).toHaveAttribute('data-trials', '1');
});

test('a write without the page\'s token is refused', async ({ page }) => {
    await signIn(page);
    const answer = await page.request.post('/dogs', { form: { name: 'Forged' }, maxRedirects: 0 });
    expect(answer.status()).toBe(419);
});

test('the other screens are accessible, in the dark too', async ({ page }) => {
    await signIn(page);
    for (const scheme of /** @type {const} */ (['light', 'dark'])) {
        await page.emulateMedia({ colorScheme: scheme });
        for (const path of ['/', '/dogs', '/dogs/1', '/dogs/3', '/dogs/create', '/dogs/3/plans/create', '/plans/1', '/sessions/12/review', '/tray']) {
            await page.goto(path);
            await expectAccessible(page, `${path} ${scheme}`);
            const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth + 1);
            expect(wide, `${path} scrolls sideways`).toBe(false);
        }
    }
});
