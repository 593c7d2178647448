import { expect, test } from '@playwright/test';
import {
    advice,
    complaints,
    daysPass,
    endSession,
    expectAccessible,
    goWhereAdvised,
    lasts,
    logTrial,
    makePlan,
    makePlanFrom,
    screen,
    secondsPass,
    signIn,
    startSession,
    trialsLogged,
} from './steps.js';

/** @typedef {import('./steps.js').Page} Page */

/** What is to be done now, as it stands on the face of the screen. @param {Page} page */
const said = async (page) => (await screen(page).locator('[data-here], [data-advice]').allInnerTexts()).join(' ').replaceAll('\u00a0', ' ');

/**
 * Good reps by one key, for as long as the step asks for, until what is asked says the words.
 * @param {Page} page @param {RegExp} words @param {number} most
 */
async function goodUntil(page, words, most) {
    for (let rep = 1; rep <= most; rep++) {
        await goWhereAdvised(page);
        if (words.test(await said(page))) return rep - 1;
        const before = await trialsLogged(page);
        secondsPass(lasts() + 1);
        await page.keyboard.press('a');
        await expect(screen(page)).toHaveAttribute('data-count', String(before + 1));
        await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    }
    return Number.POSITIVE_INFINITY;
}

test('reacts at 12, fine at 50: it starts at 50 and is at 30 within three sessions', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size, and long');
    const found = complaints(page);
    await signIn(page);
    const plan = await makePlan(page, 'Thimble', 'Stilt walkers', {
        'Room there': '120',
        'Reacts at': '12',
        'Known to be fine at': '50',
        Start: '50',
        Goal: '5',
    });
    let nearest = Number.POSITIVE_INFINITY;
    let sessions = 0;
    while (nearest > 30 && sessions < 3) {
        await page.goto(plan);
        await startSession(page);
        sessions++;
        let now = await advice(page);
        if (sessions === 1) expect(now).toMatchObject({ action: 'start', next: 50 });
        for (let trial = 0; trial < 30 && now.next > 0; trial++) {
            const before = now.next;
            now = await logTrial(page, { outcome: 'returned', band: 0 });
            nearest = Math.min(nearest, before);
            if (now.next > 0) expect(now.next, 'never away from calm').toBeLessThanOrEqual(before);
        }
        await endSession(page);
    }
    expect(nearest).toBeLessThanOrEqual(30);
    expect(found).toEqual([]);
});

test('the first day: marks, waits, walks in by herself, a gust of wind', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page, 'ines');
    const plan = await makePlan(page, 'Thimble', `Kites ${project.name}`, {
        'Room there': '80',
        'Reacts at': '10',
        'Known to be fine at': '40',
        Start: '40',
        Goal: '4',
    });
    await startSession(page);
    let now = await advice(page);
    expect(now).toMatchObject({ action: 'start', next: 40 });
    expect(await said(page)).not.toMatch(/fence|mat|lying/);

    // phase one: six marked looks, the fourth slow; none is an unprompted return, and after five it is ready to be waited for
    for (const outcome of ['turned_at_mark', 'turned_at_mark', 'turned_at_mark', 'slow_to_mark', ...Array(4).fill('turned_at_mark')]) {
        now = await logTrial(page, { outcome, band: outcome === 'slow_to_mark' ? 1 : 0 });
        expect(now).toMatchObject({ action: 'repeat', next: 40 });
        expect(now.reasons).toContain('marked-run');
    }
    now = await logTrial(page, { outcome: 'turned_at_mark', band: 0 });
    expect(now).toMatchObject({ action: 'repeat', next: 40 });
    expect(now.reasons).toContain('ready-to-wait');
    await page.getByRole('button', { name: 'Wait for it now' }).click();
    await expect(page.locator('label[for="q-returned"]')).toBeVisible();

    // waits: it stares at a gull and turns by itself, is marked and fed: three times of one tap each; only watches, needs its name
    for (const button of ['stare', 'stare', 'mark', 'mark', 'mark'])
        await page.locator(`[data-do="${button}"]`).filter({ visible: true }).click();
    await page.getByLabel('Something else').fill('a gull');
    await page.getByLabel('Something else').press('Enter');
    await expect(page.locator('[data-stare]').filter({ visible: true })).toContainText('a gull');
    now = await logTrial(page, { outcome: 'returned', band: 0 });
    const timed = await (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();
    expect(timed.trials[9]).toMatchObject({ stareAt: 'a gull', stareMs: expect.any(Number), latencyMs: expect.any(Number) });
    expect(timed.trials[9].paidMs).toBeGreaterThan(timed.trials[9].latencyMs);
    now = await logTrial(page, { outcome: 'watched', band: 1 });
    expect(now).toMatchObject({ action: 'repeat', next: 40 });
    now = await logTrial(page, { outcome: 'prompted', band: 1 });
    expect(now).toMatchObject({ action: 'repeat', next: 40 });
    for (let i = 0; i < 5; i++) now = await logTrial(page, { outcome: 'returned', band: 0 });
    expect(['advance', 'split']).toContain(now.action);
    expect(now.next).toBeGreaterThanOrEqual(32);
    expect(now.next).toBeLessThan(40);

    // logged where they were, though the advice was to move on: one tap says that it was there already
    await page.locator('[data-do="band-0"]').click();
    await expect(screen(page)).toHaveAttribute('data-count', '18');
    await page.getByRole('button', { name: /^That was at/ }).click();
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    const moved = await (await page.request.get(`/sessions/${await screen(page).getAttribute('data-session')}/export.json`)).json();
    expect(moved.trials[17].exposure.distance).toBe(40);
    expect(moved.trials[17].corrections[0].changes.exposure).not.toContain('distance=40;');
    await expect(page.locator('#q-distance')).not.toHaveValue('40');

    // she walks in to 30 on her own, five easy ones: the run is there, and nobody scolds; here stays at 30 by itself
    now = await logTrial(page, { outcome: 'returned', band: 0, distance: '30' });
    await expect(page.locator('#q-distance')).toHaveValue('30');
    for (let i = 0; i < 4; i++) now = await logTrial(page, { outcome: 'returned', band: 0, distance: '30' });
    expect(now.next).toBeLessThanOrEqual(30);
    expect(now.next).toBeGreaterThanOrEqual(22);
    expect(await said(page)).not.toMatch(/too near|not advised|instead/);

    // a gust: it barks and comes at its name; leave first, and nothing moves on any more today
    now = await logTrial(page, { outcome: 'reacted_came', distance: '30', interrupted: true });
    expect(now.action).toBe('break');
    expect(now.reasons[0]).toBe('reaction');
    expect(await said(page)).toContain('leave calmly');
    await endSession(page, 'A gust: the kite dived.');

    // tomorrow: a little easier than where it happened, for the cause came from outside, and it says why
    await page.goto(plan);
    const start = page.getByRole('heading', { name: /^Start here/ });
    const meters = Number(((await start.textContent()) ?? '').match(/[\d.]+/)?.[0]);
    expect(meters).toBeGreaterThan(30);
    expect(meters).toBeLessThanOrEqual(45);
    await expect(page.getByText('It reacted last time to something from outside')).toBeVisible();
    expect(found).toEqual([]);
});

test('a calm dog has its collar touched in the first session', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await signIn(page);
    await makePlanFrom(page, 3, 'contact', 'collar-hold', `Collar ${project.name}`);
    await startSession(page);

    expect(await goodUntil(page, /Touch the collar/, 30)).toBeLessThanOrEqual(30);
    await endSession(page);
    // a browser that is closed in the middle of a form may hang
    await expect(page).toHaveURL(/\/review/);
});

test('a dog that nothing worries has its nose in the basket before the food on the first day', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await signIn(page);
    await makePlanFrom(page, 3, 'contact', 'basket-muzzle', `Basket ${project.name}`);
    await startSession(page);

    expect(await goodUntil(page, /Nose in before the food/, 40)).toBeLessThanOrEqual(40);
    await endSession(page);
    // a browser that is closed in the middle of a form may hang
    await expect(page).toHaveURL(/\/review/);
});

test('a shy one, which doubts whatever is new, has its nose in within a week', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    await signIn(page);
    const plan = await makePlanFrom(page, 3, 'contact', 'basket-muzzle', `Shy basket ${project.name}`);
    const [seen, days] = [new Set(), [0, 2, 4, 6]];
    let reached = Number.POSITIVE_INFINITY;
    for (const day of days) {
        await page.goto(plan);
        await startSession(page);
        for (let rep = 0; rep < 60 && reached > day; rep++) {
            if ((await advice(page)).action === 'end_well') break;
            await goWhereAdvised(page);
            const asked = await said(page);
            if (/Nose in before the food/.test(asked)) reached = day;
            const step = await page.locator('[data-here-words], [data-here]').first().innerText();
            const before = await trialsLogged(page);
            secondsPass(lasts() + 1);
            await page.keyboard.press(seen.has(step) ? 'a' : 'd');
            seen.add(step);
            await expect(screen(page)).toHaveAttribute('data-count', String(before + 1));
            await expect(screen(page)).toHaveAttribute('data-waiting', '0');
        }
        await endSession(page);
        await expect(page).toHaveURL(/\/review/);
        if (reached < Number.POSITIVE_INFINITY) break;
        daysPass(2, Number(plan.split('/').at(-1)));
    }
    expect(reached, 'not on the first day').toBeGreaterThan(0);
    expect(reached).toBeLessThanOrEqual(6);
});

test('a look-up in the kitchen is a skill: no chance, no cap, no percentage', async ({ page }, { project }) => {
    await signIn(page);
    await makePlanFrom(page, 3, 'duration', 'look-up', `Look-up ${project.name}`);
    await startSession(page);
    await goodUntil(page, /Looks 2 s/, 12);
    for (let miss = 0; miss < 2; miss++) {
        const before = await trialsLogged(page);
        await page.locator('label[for="q-not_done"]').click();
        await page.locator('[data-do="band-1"]').click();
        await expect(screen(page)).toHaveAttribute('data-count', String(before + 1));
    }
    await expect(screen(page).locator('[data-advice]')).toHaveAttribute('data-action', 'easy_win');
    expect(await screen(page).innerText()).not.toMatch(/%|about 1 in|your cap|struggling or worse/);
    await endSession(page);
    // a browser that is closed in the middle of a form may hang
    await expect(page).toHaveURL(/\/review/);
});

test('a freeze ticked with easy, food left lying, a reaction: each is asked about once, and nothing is rewritten', async ({ page }, {
    project,
}) => {
    await signIn(page);
    await makePlan(page, 'Thimble', `Prams ${project.name}`);
    await startSession(page);
    const session = await screen(page).getAttribute('data-session');
    const exported = async () => (await (await page.request.get(`/sessions/${session}/export.json`)).json()).trials;

    await logTrial(page, { outcome: 'returned', band: 0, signs: ['whale.eye'] });
    await expect(page.getByText('What you ticked says struggling or worse')).toBeVisible();
    await page.getByRole('button', { name: 'Keep my grade' }).click();
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    await expect(page.locator('[data-ask]')).toBeHidden();

    await logTrial(page, { outcome: 'returned', band: 1, food: 'refused' });
    await page.getByRole('button', { name: 'Yes, a moment later' }).click();
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');

    await page.locator('[data-do="band-4"]').click();
    await page.getByRole('button', { name: /^Fine again\?/ }).click();
    await page.getByRole('button', { name: 'It came' }).click();
    await expect(screen(page)).toHaveAttribute('data-count', '3');
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');

    const [freeze, food, over] = await exported();
    expect([freeze.band, freeze.corrections]).toEqual([0, []]);
    expect([food.band, food.food, food.corrections[0].changes]).toEqual([1, 'refused', { food: 'later' }]);
    expect([over.outcome, over.corrections[0].changes]).toEqual(['reacted', { outcome: 'reacted_came' }]);
    await endSession(page);
    await expect(page.getByText(/^Fine again after/)).toBeVisible();
    await expect(page.getByRole('row', { name: /refused, ate a moment later/ })).toContainText('noticed');

    // one row is opened and put right; the rest of it stays
    await page.getByRole('link', { name: 'Correct trial 1' }).click();
    await page.getByLabel('Note', { exact: true }).fill('It was the reflection in the window.');
    await page.locator('#c-outcome').selectOption('watched');
    await page.getByRole('button', { name: 'Save the correction' }).click();
    await expect(page.getByRole('row', { name: /watched calmly/ })).toContainText('It was the reflection in the window.');
    await expect(page.getByRole('row', { name: /watched calmly/ })).toContainText('corrected by Rowan Thwaite');
});

test('ten quiet passes: seven show nothing, two do, and the next trainer reads which', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await page.goto('/dogs/create');
    await page.getByLabel('Name', { exact: true }).fill(`Pike ${project.name}`);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page).toHaveURL(/\/intake/);
    const dog = page.url().replace('/intake', '');
    await page.getByLabel('What was tried, what happened').fill('A remote collar for eight weeks. The uncle still uses it.');
    await page.getByLabel(/Leash pops, remote collars/).check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page).toHaveURL(dog);
    await expect(page.getByText('Hides signs: small signs count as medium')).toBeVisible();

    // looked calm at 5 m: a fact, and why it is no evidence
    const plan = await makePlan(page, `Pike ${project.name}`, 'Strangers', {
        'Room there': '120',
        'Reacts at': '25',
        'Known to be fine at': '5',
        Start: '60',
        Goal: '3',
    });
    await expect(page.getByText('Saved as a fact, not as evidence')).toBeAttached();
    await startSession(page);
    const quiet = (/** @type {number} */ meters) => logTrial(page, { outcome: 'quiet_pass', band: 0, distance: String(meters) });
    const before = await page.request.get(`${plan}/limits`).then((answer) => answer.text());
    expect(before).toContain('130');

    await quiet(20);
    expect((await quiet(20)).reasons).not.toContain('prove-it');
    let now = await quiet(20);
    expect(now).toMatchObject({ action: 'repeat', next: 20 });
    expect(now.reasons[0]).toBe('prove-it');

    // a dog that hides its signs has these two on the face of the screen, by one tap each
    const loading = page.locator('[data-sign="brow.wrinkled"]');
    await expect(page.locator('[data-sign="with.me"]')).toHaveAttribute('aria-pressed', 'false');
    await loading.click();
    await expect(loading).toHaveAttribute('aria-pressed', 'true');
    now = await logTrial(page, { outcome: 'looked_carried_on', band: 2, distance: '15' });
    await expect(loading, 'for one trial').toHaveAttribute('aria-pressed', 'false');
    expect(now).toMatchObject({ action: 'break', reasons: ['loading'] });
    expect(await said(page)).toContain('Turn away now, and feed away from it');

    // it eats nothing and does the cue: a little farther, on this path, and not to where it was only quiet
    now = await logTrial(page, { outcome: 'needed_help', band: 2, distance: '14', food: 'refused' });
    expect(now.action).toBe('ease');
    expect(now.next).toBeGreaterThan(14);
    expect(now.next).toBeLessThan(20);
    for (const meters of [18, 15, 12, 9]) await quiet(meters);
    for (let i = 0; i < 2; i++) await logTrial(page, { outcome: 'carried_on', band: 0, distance: '20' });
    await endSession(page);

    await expect(
        page.getByText(/7 were quiet, not shown to be fine, the nearest at 9.m\. 2 were shown to be fine, the nearest at 20.m\./),
    ).toBeVisible();
    await page.goto(plan);
    const start = Number(((await page.getByRole('heading', { name: /^Start here/ }).textContent()) ?? '').match(/[\d.]+/)?.[0]);
    expect(start, 'never where it was only quiet').toBeGreaterThanOrEqual(20);
    await page.goto(`${dog}/reports/hand_over`);
    await expect(page.getByText(/7 quiet trials without food and a turn asked, the nearest at 9.m; 2 shown to be fine/)).toBeVisible();
    await expectAccessible(page, 'a hand-over');
    expect(found).toEqual([]);
});

test('prams and a horse: who passed is one pick that stays, and is told apart in the progress', async ({ page }, { project }) => {
    await signIn(page, 'ines');
    const plan = await makePlan(page, 'Thimble', `Seawall path ${project.name}`);
    await startSession(page);
    /** @param {string} words */
    const meet = async (words) => {
        const chip = page.locator('[data-chip="who"]');
        if ((await chip.getAttribute('aria-expanded')) !== 'true') await chip.click();
        await page.locator('[data-chip-values]').getByRole('button', { name: words, exact: true }).click();
        await chip.click();
    };
    await meet('on wheels');
    for (let pass = 0; pass < 3; pass++) await logTrial(page, { outcome: 'returned', band: 0, distance: '80' });
    await expect(page.locator('[data-last-line]')).toHaveText('easy · 80 m · on wheels');

    // the next one by a look-up: held by one thumb, and the trial ends it
    await page.locator('[data-chip="asked"]').click();
    await page.locator('[data-chip-values]').getByRole('button', { name: 'Look-up on cue' }).click();
    await page.getByRole('button', { name: /^Hold/ }).click();
    await logTrial(page, { outcome: 'looked_before', band: 0, distance: '80' });
    await expect(page.getByRole('button', { name: /^Hold/ })).toHaveAttribute('aria-pressed', 'false');

    // a horse instead: another kind, typed once; what stays picked is seen on the line of each trial
    await meet('on wheels');
    await page.locator('[data-chip="who"]').click();
    await page.getByLabel('Another trait').fill('horse');
    await page.getByLabel('Another trait').press('Enter');
    await page.locator('[data-chip="who"]').click();
    for (let pass = 0; pass < 3; pass++) await logTrial(page, { outcome: 'not_returned', band: 3, distance: '80' });
    await expect(page.locator('[data-last-line]')).toHaveText('struggling · 80 m · horse');
    await endSession(page);
    await expectAccessible(page, 'review of a path');
    await expect(page.getByRole('row', { name: /looked up before the cue/ })).toContainText(/held \d/);

    await page.goto(`${plan}/limits`);
    await expect(page.getByRole('row', { name: /^horse/ })).toContainText('0 of 3');
    await expect(page.getByRole('row', { name: /^on wheels/ })).toContainText('4 of 4');
});

test('yesterday’s paper: the session has its own time, and its trials are typed one after the other', async ({ page }, { project }) => {
    await signIn(page);
    await makePlan(page, 'Thimble', `Paper ${project.name}`);
    await page.getByRole('link', { name: 'Write down a session that was' }).click();
    await expectAccessible(page, 'a session that was');
    await page.getByLabel('From', { exact: true }).fill('07:40');
    await page.getByLabel('Minutes').fill('15');
    await page.getByRole('button', { name: 'Go on to its trials' }).click();
    for (const [minute, distance] of [
        ['07:42', '80'],
        ['07:44', '70'],
    ]) {
        await page.getByLabel('When').fill(minute);
        await page.getByLabel('Distance, meters').fill(distance);
        await page.getByRole('button', { name: 'Add it' }).click();
        await expect(page.getByRole('row', { name: new RegExp(`${distance}.m`) }).first()).toBeVisible();
    }
    await expectAccessible(page, 'trials typed in');
    await expect(page.getByText('Written down afterwards from paper by Rowan Thwaite.')).toBeVisible();
    await expect(page.getByText('2 trials in 15 min')).toBeVisible();
});
