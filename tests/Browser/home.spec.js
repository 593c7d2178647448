import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, send, signIn, sql } from './steps.js';

const mailbox = `${process.env.LARAVEL_STORAGE_PATH}/app/mailbox`;

test('homework from a plan in three taps, done in a kitchen without a network, gone wrong, and told', async ({ page, browser }, {
    project,
}) => {
    const phone = project.name === 'phone';
    const found = complaints(page);
    await signIn(page);
    const dog = '/dogs/2';
    const task = `Mat by the door ${project.name}`;

    await test.step('given: a plan, a step, Give', async () => {
        await page.goto('/dogs/2');
        await page.getByRole('link', { name: 'Homework' }).click();
        await page.getByRole('link', { name: 'From “Horse riders”' }).click();
        await page.getByRole('button', { name: 'Give it' }).first().click();
        await expect(page.getByText('“Horse riders” is given')).toBeVisible();
        await page.getByRole('link', { name: 'In your own words' }).click();
        await page.getByLabel('It is', { exact: true }).selectOption('contact');
        await page.getByLabel('Name', { exact: true }).fill(task);
        await page.getByLabel('What to do').fill('One touch, one piece of food.');
        await page.getByLabel('How often a day').selectOption('5');
        await page.getByRole('button', { name: 'Give it' }).first().click();
        await expectAccessible(page, 'homework');
    });

    const link = await test.step('a link is made, and shown once', async () => {
        await page.getByLabel('For whom').selectOption('Jory Penn');
        await page.getByRole('button', { name: 'Make a link' }).click();
        const made = (await page.locator('[data-link]').textContent()) ?? '';
        await page.reload();
        await expect(page.locator('[data-link]')).toHaveCount(0);
        return new URL(made).pathname;
    });

    const kitchen = await browser.newContext(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true } : {});
    const home = await kitchen.newPage();
    const foundAtHome = complaints(home);
    const box = home.getByRole('article', { name: task });

    await test.step('the page opens without a sign-in and says nothing it should not', async () => {
        await home.goto(link);
        await expect(home.getByRole('heading', { name: 'Gorse at home' })).toBeVisible();
        await expectAccessible(home, 'at home');
        const text = await home.locator('main').innerText();
        for (const never of ['%', 'Calder', 'solid', 'cap']) expect(text).not.toContain(never);
        await home.setViewportSize({ width: 320, height: 700 });
        expect(await home.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth + 1)).toBe(true);
        if (phone) await home.setViewportSize({ width: 390, height: 844 });
        await home.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
        // the first page was fetched before the worker was there
        await home.reload();
    });

    await test.step('done without a network, over a reload, and sent once there is one', async () => {
        await box.getByRole('button', { name: 'Yes' }).click();
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0');
        await kitchen.setOffline(true);
        await box.getByRole('button', { name: 'Yes' }).click();
        await box.getByRole('button', { name: 'Not yet' }).click();
        await expect(box.getByText('3 of 5 done')).toBeVisible();
        await home.reload();
        await expect(box.getByText('3 of 5 done')).toBeVisible();
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '2');
        await box.getByRole('button', { name: 'Take back the last tap' }).click();
        await expect(box.getByText('2 of 5 done')).toBeVisible();
        await kitchen.setOffline(false);
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0', { timeout: 20_000 });
        const kept =
            'SELECT GROUP_CONCAT(answer ORDER BY r.id) FROM home_reps r JOIN homework h ON h.id = r.homework_id ' +
            `WHERE h.name = '${task}' AND taken_out_at IS NULL`;
        expect(sql(kept).toString().trim()).toBe('good,good');
        await home.reload();
        await expect(box.getByText('2 of 5 done')).toBeVisible();
    });

    await test.step('a growl closes it at once, also without a network, and whoever trains reads of it', async () => {
        await kitchen.setOffline(true);
        await box.getByText('It went wrong').click();
        await box.getByRole('button', { name: 'Growled' }).click();
        await expect(box.getByText('Stop here for today')).toBeVisible();
        await expect(box.getByRole('button', { name: 'Yes' })).toBeHidden();
        await expect(box.getByRole('link', { name: /01632 960 144/ })).toBeVisible();
        await kitchen.setOffline(false);
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0', { timeout: 20_000 });
        await page.goto('/');
        await expect(page.getByText(`Gorse, at home in “${task}”: growled`)).toBeVisible();
        await page.getByRole('alert').or(page.locator('.alert-danger')).filter({ hasText: task }).getByRole('link').click();
        await send(page, 'Looked at');
        await page.goto('/');
        await expect(page.getByText(`Gorse, at home in “${task}”`)).toHaveCount(0);
        // at night it waits for the morning; either way it stands ready
        const letters = () =>
            Number(sql('SELECT COUNT(*) FROM jobs').toString()) +
            (existsSync(mailbox) ? readdirSync(mailbox) : []).filter((file) =>
                readFileSync(`${mailbox}/${file}`, 'utf8').includes('a growl at home'),
            ).length;
        await expect.poll(letters).toBeGreaterThan(0);
    });

    await test.step('a scare in two taps, a question, an answer, in Spanish', async () => {
        await home.getByText('Something scared Gorse').click();
        await home.getByRole('button', { name: 'Quite' }).click();
        await expect(home.getByText('The next days are made easier for it.')).toBeVisible();
        await home.getByText('Ask your trainer').click();
        await home.getByLabel('Your question or note').fill(`Is the ${project.name} too near?`);
        await home.getByRole('button', { name: 'Send' }).click();
        await expect(home.locator('[data-home]')).toHaveAttribute('data-waiting', '0');
        await page.goto(`${dog}/homework`);
        await expect(page.getByText(`Is the ${project.name} too near?`)).toBeVisible();
        await page.getByLabel('Write to the home').fill(`Two steps farther from the ${project.name}.`);
        await page.getByRole('button', { name: 'Send' }).click();
        await home.getByRole('link', { name: 'Español' }).click();
        await expect(home.getByRole('heading', { name: 'Gorse en casa' })).toBeVisible();
        await expect(home.getByText(`Two steps farther from the ${project.name}.`)).toBeVisible();
        await expectAccessible(home, 'en casa');
    });

    await test.step('a link is closed by one tap', async () => {
        await page.goto(`${dog}/homework`);
        await page
            .getByRole('button', { name: /Close it.*Jory Penn/ })
            .first()
            .click();
        await expect(page.getByText('The link of Jory Penn no longer works.')).toBeVisible();
        await home.goto(link);
        await expect(home.getByText('This page is closed')).toBeVisible();
    });
    expect(found).toEqual([]);
    expect(foundAtHome.filter((one) => !/Failed to fetch|ERR_|410/.test(one))).toEqual([]);
    await kitchen.close();
});

test('a sheet is printed, filled in by hand and typed back in a minute', async ({ page, isMobile }) => {
    test.skip(isMobile === true, 'a matter of a desk');
    await signIn(page);
    await page.goto('/dogs/1/homework');
    await page.getByRole('link', { name: 'Print a sheet with boxes' }).click();
    await expect(page.getByRole('heading', { name: 'A week for Bodkin' })).toBeVisible();
    expect(await page.locator('.tick-box').count()).toBe(7 * 5);
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
    await page.emulateMedia({ media: 'screen' });
    await page.goto('/dogs/1/homework/paper');
    const cells = page.getByRole('spinbutton', { name: /Settle on the mat.*counted/ });
    await cells.first().fill('2');
    await cells.nth(1).fill('1');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('3 reps are kept, marked as from paper.')).toBeVisible();
});
