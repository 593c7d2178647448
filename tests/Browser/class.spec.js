import { expect, test } from '@playwright/test';
import { complaints, endSession, expectAccessible, readAndReason, screen, send, signIn, sql } from './steps.js';

/** A night passes at home: what was told of today is of yesterday now. */
function night() {
    for (const [table, column] of [
        ['home_reps', 'occurred_at'],
        ['messages', 'sent_at'],
    ])
        sql(`UPDATE ${table} SET ${column} = ${column} - INTERVAL 1 DAY`);
    sql('UPDATE homework SET from_on = from_on - INTERVAL 1 DAY WHERE from_on > CURDATE() - INTERVAL 6 DAY');
}

test('a class of six gets the same, and one guardian does it for three days on a phone, in Spanish, one of them without a network', async ({
    page,
    browser,
    isMobile,
}) => {
    test.skip(isMobile, 'a trainer at a desk, with a guardian on a phone beside it');
    test.setTimeout(120_000);
    const found = complaints(page);
    await signIn(page);
    for (const name of ['Avocet', 'Linnet', 'Teasel']) {
        await page.goto('/dogs/create');
        await page.getByLabel('Name', { exact: true }).fill(name);
        await page.getByRole('button', { name: /Add/ }).last().click();
        await page.waitForURL(/\/dogs\/\d+/);
    }
    const dogs = ['Gorse', 'Thimble', 'Sorrel', 'Avocet', 'Linnet', 'Teasel'];

    await test.step('given to six at once, for a week', async () => {
        await page.goto('/dogs/2/homework/create');
        await page.getByLabel('It is', { exact: true }).selectOption('settle');
        await page.getByLabel('Name', { exact: true }).fill('Mat, fingers');
        await page.getByLabel('What to do').fill('Four feet on the mat: food. One finger moves: food.');
        await page.getByLabel('How often a day').selectOption('1');
        await page.getByLabel('For how long').selectOption({ label: 'a week' });
        await page.getByText('The same to a class').click();
        for (const dog of dogs.slice(1)) await page.getByLabel(dog, { exact: true }).check();
        await page.getByRole('button', { name: 'Give it' }).first().click();
        await expect(page.getByText('“Mat, fingers” is given to this dog and 5 others.')).toBeVisible();
        await page.getByRole('link', { name: /The class/ }).click();
        await expect(page.getByRole('row')).toHaveCount(7);
        await expectAccessible(page, 'a class');
        await page.getByRole('link', { name: 'Print a sheet for each' }).click();
        await expect(page.locator('.sheet-page')).toHaveCount(6);
    });

    await page.goto('/dogs/2/homework');
    await page.getByLabel('For whom').selectOption('Wilma Osk');
    await page.getByLabel('Language').selectOption('es');
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = new URL((await page.locator('[data-link]').textContent()) ?? '').pathname;
    const kitchen = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'es' });
    const home = await kitchen.newPage();
    const mat = home.getByRole('article', { name: 'Mat, fingers' });
    const sent = () => expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0', { timeout: 20_000 });
    const stayed = mat.getByRole('button', { name: 'Se quedó' });

    await test.step('Tuesday: stayed, got up; no percentages, no “no”', async () => {
        await home.goto(link);
        await expect(home.getByRole('heading', { name: 'Gorse en casa' })).toBeVisible();
        await expect(mat.getByRole('button', { name: 'No', exact: true })).toHaveCount(0);
        expect(await home.locator('main').innerText()).not.toContain('%');
        await stayed.click();
        await expect(mat.getByText('Hecho por hoy.')).toBeVisible();
        await sent();
        await home.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
        await home.reload();
    });

    await test.step('Wednesday: no network in the cellar; kept over a reload, and there once', async () => {
        night();
        await home.reload();
        await expect(stayed).toBeVisible();
        await kitchen.setOffline(true);
        await stayed.click();
        await home.reload();
        await expect(mat.getByText('Hecho por hoy.')).toBeVisible();
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '1');
        await kitchen.setOffline(false);
        await sent();
    });

    await test.step('Friday: one more, and a question; answered, and read', async () => {
        night();
        await home.reload();
        await stayed.click();
        await home.getByText('Preguntar a su entrenador').click();
        await home.getByLabel('Su pregunta o nota').fill('¿Puede venir el segundo perro?');
        await home.getByRole('button', { name: 'Enviar' }).click();
        await sent();
        await page.goto('/');
        await expect(page.getByText('¿Puede venir el segundo perro?')).toBeVisible();
        await page.goto('/dogs/2/homework');
        await page.getByLabel('Write to the home').fill('El viernes, en otra alfombra.');
        await send(page, 'Send');
        await page.goto('/');
        await expect(page.getByText('¿Puede venir el segundo perro?')).toHaveCount(0);
        await home.reload();
        await expect(home.getByText('El viernes, en otra alfombra.')).toBeVisible();
        await expectAccessible(home, 'en casa');
    });

    await test.step('Saturday: who is ready is read in one list', async () => {
        await page.goto('/dogs/2/homework');
        await page.getByRole('link', { name: /The class/ }).click();
        const gorse = page.getByRole('row', { name: /Gorse/ });
        await expect(gorse).toContainText('3 of 3');
        await expect(gorse).toContainText('yes');
        await expect(gorse).toContainText('¿Puede venir el segundo perro?');
        await expect(page.getByRole('row', { name: /Thimble/ })).toContainText('0 of 3');
        await expect(page.getByRole('row', { name: /Thimble/ })).toContainText('not yet');
    });
    expect(found).toEqual([]);
    await kitchen.close();
});

test('a basket and an owner who is not known yet: her hands in the session, her three tasks for the week', async ({
    page,
    browser,
    isMobile,
}) => {
    test.skip(!isMobile, 'in a kitchen, on a phone');
    const found = complaints(page);
    await signIn(page);
    const owner = 'Merrin Holt';

    await test.step('named on the spot, and her trials are hers', async () => {
        await page.goto('/plans/5');
        await page.getByRole('link', { name: 'Start a session' }).click();
        await readAndReason(page);
        await page.getByText('Somebody else').click();
        await page.getByLabel('Their name').fill(owner);
        await page.getByRole('button', { name: 'Start', exact: true }).click();
        await expect(screen(page)).toHaveAttribute('data-ready', 'true');
        await page.locator('[data-do="offer"]').click();
        await page.locator('[data-do="band-0"]').click();
        await expect(screen(page)).toHaveAttribute('data-waiting', '0');
        await endSession(page);
        const hers = `SELECT COUNT(*) FROM trials t JOIN people p ON p.id = t.person_id WHERE p.name = '${owner}'`;
        expect(Number(sql(hers))).toBe(1);
    });

    await test.step('three tasks with the word, and a sheet with boxes', async () => {
        for (const [name, word] of [
            ['Nose in, food after', '“basket”'],
            ['Chin rest', '“chin”'],
            ['Strap beside the neck', '“strap”'],
        ]) {
            await page.goto('/dogs/4/homework/create?plan=5');
            await page.getByText('The words', { exact: true }).click();
            await page
                .getByLabel('Name', { exact: false })
                .first()
                .fill(name ?? '');
            await page.getByLabel('The word').fill(word ?? '');
            await page.getByRole('button', { name: 'Give it' }).first().click();
            await expect(page.getByText(`“${name}” is given`)).toBeVisible();
        }
        await page.getByRole('link', { name: 'Print a sheet with boxes' }).click();
        await expect(page.getByText('“chin”')).toBeVisible();
        expect(await page.locator('.tick-box').count()).toBe(3 * 3 * 7);
    });

    await test.step('at home: three, their words, no percentages; what she does is evidence of her hands', async () => {
        await page.goto('/dogs/4/homework');
        await page.getByLabel('For whom').selectOption(owner);
        await page.getByRole('button', { name: 'Make a link' }).click();
        const link = new URL((await page.locator('[data-link]').textContent()) ?? '').pathname;
        const kitchen = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
        const home = await kitchen.newPage();
        await home.goto(link);
        await expect(home.getByRole('article')).toHaveCount(3);
        await expect(home.getByText('“strap”')).toBeVisible();
        expect(await home.locator('main').innerText()).not.toContain('%');
        await home.getByRole('article', { name: 'Nose in, food after' }).getByRole('button', { name: 'Yes' }).click();
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0', { timeout: 20_000 });
        await kitchen.close();
        const rep = `SELECT COUNT(*) FROM home_reps r JOIN people p ON p.id = r.person_id JOIN homework h ON h.id = r.homework_id
            WHERE p.name = '${owner}' AND h.exposure IS NOT NULL`;
        expect(Number(sql(rep))).toBe(1);
    });
    expect(found).toEqual([]);
});
