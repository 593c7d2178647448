import { expect, test } from '@playwright/test';
import { complaints, makePlan, send, signIn } from './steps.js';

test('a place is sketched by drag and by keys, and the numbers follow', async ({ page }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await page.goto('/plans/1');
    await page.getByRole('link', { name: 'Seawall path, from above' }).click();
    const seen = page.locator('[data-numbers] dd').nth(1);
    const before = await seen.textContent();

    // by drag: the right edge of the gap goes out, and more of the path is seen
    const handle = await page.locator('[data-handle="right"] .reach').boundingBox();
    if (!handle) throw new Error('The handle is not drawn.');
    await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
    await page.mouse.down();
    await page.mouse.move(handle.x + 60, handle.y + handle.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(seen).not.toHaveText(before ?? '');
    expect(Number(await page.getByLabel('Gap, right edge').inputValue())).toBeGreaterThan(3);

    // by keys: the path comes half a meter nearer
    const path = Number(await page.getByLabel('Path, ahead').inputValue());
    await page.getByRole('slider', { name: 'Path' }).focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByLabel('Path, ahead')).toHaveValue(String(Math.round((path - 0.5) * 10) / 10));
    await expect(page.getByRole('slider', { name: 'Path' })).toBeFocused();

    // what cannot be is told while drawing, and the sketch stays as it was drawn
    await page.getByLabel('Gap, ahead').fill('90');
    await expect(page.getByText('The gap lies behind the trigger.')).toBeVisible();
    await page.getByLabel('Gap, ahead').fill('6');
    await expect(seen).toContainText('s');
    await page.getByLabel('Note').fill(`Benches on the left, ${project.name}`);
    await page.getByRole('button', { name: 'Save the map' }).click();
    await expect(page.getByText('The map is saved with the place.')).toBeVisible();
    await expect(page.getByLabel('Gap, ahead')).toHaveValue('6');
    expect(found).toEqual([]);
});

test('a scare from anywhere makes today easier, and an incident lets the plans rest', async ({ page }, { project }) => {
    test.skip(project.name === 'phone', 'the same at any size');
    const found = complaints(page);
    const dog = `Sedge ${project.name}`;
    await signIn(page);
    await page.goto('/dogs/create');
    await page.getByLabel('Name', { exact: true }).fill(dog);
    await send(page, 'Add');
    await makePlan(page, dog, `Reed cutters ${project.name}`);
    await page.getByRole('link', { name: 'Log a scare' }).first().click();
    await page.getByLabel('Dog', { exact: true }).selectOption({ label: dog });
    await page.getByLabel('How bad').selectOption('3');
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByText(/Still shaken: a day of rest/).first()).toBeVisible();

    await page.getByRole('link', { name: 'Log a scare' }).first().click();
    await page.getByRole('link', { name: `An incident with ${dog}` }).click();
    await page.getByLabel('When').fill('2026-11-20T17:40');
    await page.getByLabel('Where', { exact: true }).fill('Old ropewalk field');
    for (const [question, answer] of [
        ['Teeth touched', 'cloth'],
        ['A mark', 'no'],
        ['Skin broken', 'no'],
        ['Held on or shook', 'no'],
        ['How many times', 'once'],
        ['To whom', 'adult'],
    ])
        await page.getByLabel(question).selectOption(answer);
    await page.getByLabel('What came before').fill('A cutter came round the shed; the leash was short.');
    await page.getByRole('button', { name: 'Save it on record' }).click();
    await expect(page.getByRole('alert')).toContainText('Say who was told.');
    await expect(page.getByLabel('What came before')).toHaveValue('A cutter came round the shed; the leash was short.');
    await page.getByLabel('the guardian').check();
    await page.getByRole('button', { name: 'Save it on record' }).click();
    await expect(page.getByRole('heading', { name: 'Incident of Nov 20, 2026' })).toBeVisible();
    await page.getByRole('link', { name: `Reed cutters ${project.name}` }).click();
    await expect(page.getByRole('alert')).toContainText('This plan rests and gives no advice');
    await page.getByLabel('I have checked pain').check();
    await page.getByRole('button', { name: 'Let the plan go on' }).click();
    await expect(page.getByText('the plan gives advice again')).toBeVisible();
    expect(found).toEqual([]);
});
