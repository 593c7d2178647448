import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { advice, complaints, endSession, expectAccessible, logTrial, signIn, solidMeters, startSession } from './steps.js';

test('from intake to assessment to plan to a first session', async ({ page }, { project }) => {
    const found = complaints(page);
    const name = `Tansy ${project.name}`;
    await signIn(page);
    await page.goto('/dogs/create');
    await page.getByLabel('Name', { exact: true }).fill(name);
    await page.getByRole('button', { name: 'Add' }).click();

    // the intake: a bite without its facts is asked for, and nothing typed is lost
    await page.getByLabel('It does this since').fill('the spring fair');
    await page.getByLabel('The worst it has done').selectOption('bite');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert')).toContainText('A bite needs its facts');
    await expect(page.getByLabel('It does this since')).toHaveValue('the spring fair');
    await page.getByLabel('The facts of it').fill('A sleeve at the fair, skin whole; a drum came from behind.');
    await page.getByLabel('How it stands, moves and looks').fill('Level, tail low.');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Bite history: extra careful cap')).toBeVisible();

    // the caution is read once, and that is recorded
    await page.getByLabel(/^Bite history/).check();
    await page.getByRole('button', { name: 'I have read these' }).click();
    await expect(page.getByRole('heading', { name: 'Read first' })).toHaveCount(0);

    await page.getByText('Agree on management').click();
    await page.getByLabel('walk at quiet hours').check();
    await page.getByLabel('Agreed with').fill('Perran Moyle');
    await page.getByRole('button', { name: 'Agreed' }).click();
    await expect(page.getByText('Agreed with Perran Moyle on')).toBeVisible();

    // two tests at three distances, far ones first
    await page.getByRole('link', { name: 'Assess' }).click();
    await page
        .getByLabel(/^(What it is about|Something new)/)
        .last()
        .fill('Marching bands');
    await page.getByLabel('Has reacted at').fill('12');
    for (const [i, [distance, cue, food]] of [
        ['90', '1', 'gently'],
        ['70', '1', 'gently'],
        ['45', '0', 'hard'],
    ].entries()) {
        await page.getByLabel(`Distance of test ${i + 1}`).fill(distance);
        await page.getByLabel(`Cue of test ${i + 1}`).selectOption(cue);
        await page.getByLabel(`Food of test ${i + 1}`).selectOption(food);
    }
    await page.getByRole('button', { name: 'Propose a start' }).click();
    await expect(page.locator('[data-reason="start-doubt"]')).toContainText('45');
    await expectAccessible(page, 'assessment');
    const proposed = Number((await page.locator('.advice-next').textContent())?.match(/[\d.]+/)?.[0]);
    expect(proposed).toBeGreaterThan(45);

    await page.getByRole('link', { name: 'Make a plan from here' }).click();
    await expect(page.getByLabel('Start', { exact: true })).toHaveValue(String(proposed));
    await page.getByLabel('Goal', { exact: true }).fill('10');
    await page.getByLabel('Goal, in words').fill('Stands on the green while a band passes.');
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByText('struggling about 1 in 33, reacting about 1 in 200 per trial')).toBeVisible();
    await expect(page.getByText('the marker is loaded: never shown')).toBeVisible();

    // without its foundations it begins only for a reason
    await page.getByRole('link', { name: 'Start a session' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Before the session' })).toBeVisible();
    await page.goBack();
    await startSession(page);
    expect((await advice(page)).next).toBeGreaterThanOrEqual(45);
    await logTrial(page, { outcome: 'returned', band: 0 });
    await endSession(page);
    await expect(page.getByText('1 trial in')).toBeVisible();
    expect(found).toEqual([]);
});

test('a ladder is split, skipped, copied, reordered and laid again; the difference is seen before it is kept, and versions stay', async ({
    page,
}, { project }) => {
    const found = complaints(page);
    const isPhone = project.name === 'phone';
    await signIn(page);
    await page.goto(isPhone ? '/plans/2' : '/plans/1');
    const held = await solidMeters(page);
    await page.getByRole('link', { name: 'Change the steps' }).click();
    const steps = page.locator('.step-row');
    const count = await steps.count();
    await expect(page.getByText('Nothing is changed yet.')).toBeVisible();

    await steps.nth(3).locator('[data-verb="split"]').click();
    await expect(steps).toHaveCount(count + 1);
    await expect(page.locator('[data-change]')).toContainText('1 new');
    await expect(steps.nth(3).locator('[data-verb="split"]')).toBeFocused();
    // leaving with something to keep is asked about
    let asked = '';
    page.once('dialog', (dialog) => {
        asked = dialog.type();
        void dialog.dismiss();
    });
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await expect.poll(() => asked).toBe('beforeunload');
    await expect(page.locator('[data-change]')).toContainText('1 new');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(steps).toHaveCount(count);

    // by keys on the row, by drag of its number
    const words = await steps.nth(2).innerText();
    if (isPhone) {
        await steps.nth(2).locator('[data-verb="up"]').click();
    } else {
        await steps.nth(2).focus();
        await page.keyboard.press('Alt+ArrowUp');
        await expect(page.locator('[data-change]')).toContainText('moved');
        await expect(steps.nth(1)).toBeFocused();
        await page.keyboard.press('Alt+ArrowDown');
        await expect(page.getByText('Nothing is changed yet.')).toBeVisible();
        await steps.nth(2).locator('.step-number').dragTo(steps.nth(1));
    }
    await expect(page.locator('[data-change]')).toContainText('moved');
    expect((await steps.nth(1).innerText()).split('\n')[1], 'the third step is the second now').toBe(words.split('\n')[1]);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('Nothing is changed yet.')).toBeVisible();

    // a step that raises two things at once and leads too far is flagged, and cannot be kept
    await steps.last().locator('[data-verb="copy"]').click();
    await page.getByLabel('Trigger motion').selectOption('run');
    await page.getByLabel(/^Distance, /).fill('0.5');
    await page.getByRole('button', { name: 'Change the step' }).click();
    await expect(page.locator('[data-flag="two-at-once"]')).toHaveCount(1);
    await expect(page.locator('[data-flag="no-path"]')).toHaveCount(1);
    await expectAccessible(page, 'plan builder with flags');
    await page.getByRole('button', { name: /^Save as version/ }).click();
    await expect(page.getByRole('alert')).toContainText('cannot be reached');
    await page.goto(isPhone ? '/plans/2/ladder' : '/plans/1/ladder');

    // a field out of its range is told at the field, with what was typed
    await steps.nth(1).locator('[data-verb="open"]').click();
    await page.getByLabel('Good ones').fill('99');
    await page.getByRole('button', { name: 'Change the step' }).click();
    await expect(page.getByRole('alert')).toContainText('20');
    await expect(page.getByLabel('Good ones')).toHaveValue('99');
    await page.getByRole('button', { name: 'Leave it' }).click();

    await page.getByRole('button', { name: 'Rebuild the steps from what we learned' }).click();
    await steps.first().locator('[data-verb="copy"]').click();
    await page.getByLabel('Good ones').fill('3');
    await page.getByRole('button', { name: 'Change the step' }).click();
    await page.getByRole('button', { name: /^Save as version/ }).click();
    await expect(page.getByText(/^Version 2 of the steps is in use/)).toBeVisible();
    const carried = await solidMeters(page);
    expect(carried, 'nothing harder than that counts as solid').toBeGreaterThanOrEqual(0.9 * held);
    expect(carried, 'what was held is not lost').toBeLessThan(1.4 * held);
    await page.getByRole('link', { name: 'Change the steps' }).click();
    await page.getByRole('link', { name: 'Version 1' }).click();
    await expect(steps).toHaveCount(count);
    expect(found).toEqual([]);
});

test('templates go out as JSON and come in again; a bad file is told at its field', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await page.goto('/plans/1');
    await page.getByText('Save these steps as a step plan').click();
    await page.getByLabel('Name of the step plan').fill(`Rattling wheels ${project.name}`);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { name: `Rattling wheels ${project.name}` })).toBeVisible();
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export as JSON' }).click()]);
    const exported = JSON.parse(await readFile(await download.path(), 'utf8'));
    expect(exported.steps.length).toBeGreaterThan(5);

    await page.getByRole('link', { name: 'Edit', exact: true }).click();
    await page.getByLabel('Name', { exact: true }).fill('Carts and barrows');
    await page.getByLabel('take out step 2', { exact: true }).check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { name: 'Carts and barrows' })).toBeVisible();

    await page.goto('/templates');
    const bad = structuredClone(exported);
    bad.steps[1].at.smell = 'strong';
    await page.getByLabel('or its text').fill(JSON.stringify(bad));
    await page.getByRole('button', { name: 'Import' }).click();
    await expect(page.getByRole('alert')).toContainText('At /steps/1/at/smell: There is no detail “smell”.');
    await expect(page.getByLabel('or its text')).toHaveValue(JSON.stringify(bad));
    await page.getByLabel('File').setInputFiles({
        name: 'wheels.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify({ ...exported, label: 'Wheels again' })),
    });
    await page.getByRole('button', { name: 'Import' }).click();
    await expect(page.getByRole('heading', { name: 'Wheels again' })).toBeVisible();
    expect(found).toEqual([]);
});

test('a care plan: assessed by steps, from a template, with one session, and given to a second person', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await page.goto('/dogs/3/assessments/create?kind=contact&template=brushing');
    await page.getByLabel(/^Something new/).fill(`Brush ${project.name}`);
    await page.getByLabel('What it is about').selectOption('');
    for (const [i, band] of [
        ['1', '0'],
        ['2', '0'],
        ['3', '1'],
        ['4', '2'],
    ])
        await page.locator(`#t-${Number(i) - 1}`).selectOption(band);
    await page.getByRole('button', { name: 'Propose a start' }).click();
    await expect(page.locator('[data-reason="start-doubt-step"]')).toContainText('step 4');
    await page.getByRole('link', { name: 'Make a plan from here' }).click();
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('heading', { name: `Brush ${project.name}` })).toBeVisible();
    await startSession(page);
    await expect(page.getByRole('button', { name: 'Hands off' })).toBeVisible();
    await logTrial(page, { outcome: 'reached', band: 0 });
    await expectAccessible(page, 'contact session');
    await endSession(page);

    await page.goto('/dogs/3');
    await page.getByRole('link', { name: `Brush ${project.name}`, exact: true }).click();
    await page.getByText('Give this plan to a second person').click();
    await page.getByLabel('Person', { exact: true }).selectOption({ label: 'Wilma Osk' });
    await page.getByLabel(/dislikes this person/).check();
    await page.getByRole('button', { name: 'Give it' }).click();
    await expect(page.getByText('Wilma Osk has a plan of their own now')).toBeVisible();
    await expect(page.getByText(/Gear on the floor, placed by the liked person/)).toBeVisible();
    expect(found).toEqual([]);
});
