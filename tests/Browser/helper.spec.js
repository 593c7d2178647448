import { expect, test } from '@playwright/test';
import { complaints, endSession, expectAccessible, logTrial, makePlan, screen, signIn, startSession } from './steps.js';

test('a helper far away reads one big word, and Stop once the connection is gone', async ({ page, browser }, { project }) => {
    const found = complaints(page);
    await signIn(page);
    await makePlan(page, 'Gorse', `Cyclists ${project.name}`);
    await startSession(page);
    await page.locator('summary', { hasText: 'Helper’s screen' }).click();
    await page.getByRole('link', { name: 'Set up a screen for the helper' }).click();
    await page.getByLabel(/wear a muzzle/).selectOption('yes');
    await page.getByRole('button', { name: 'Make the link' }).click();
    await expect(page.locator('[data-drawn-code] svg')).toBeVisible();
    const link = new URL((await page.locator('[data-link]').textContent()) ?? '').pathname;
    await page.getByRole('link', { name: 'Back to the session' }).click();
    await expect(screen(page)).toHaveAttribute('data-ready', 'true');
    await expect(page.getByText('The helper’s screen is not connected')).toBeVisible();

    const far = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const helper = await far.newPage();
    await helper.goto(link);
    const word = helper.locator('[data-word]');
    await expect(word).toHaveText('Stop');
    await expect(helper.getByText('Wears a muzzle.')).toBeVisible();
    await expect(helper.getByText('Keep at least')).toBeVisible();
    await expectAccessible(helper, 'a helper’s screen');
    expect(await helper.locator('main').innerText()).not.toContain('Cyclists');
    await expect(page.getByText('The helper’s screen is connected.')).toBeVisible();

    await page.getByRole('button', { name: 'Walk by' }).click();
    await expect(word).toHaveText('Walk by');
    await helper.getByRole('button', { name: 'I walked by' }).click();
    await expect(page.locator('[data-helper-passes]')).toHaveText('1');

    await far.setOffline(true);
    await expect(word).toHaveText('Stop', { timeout: 6000 });
    await expect(helper.getByText('No connection: stand still.')).toBeVisible();
    await helper.getByRole('button', { name: 'I walked by' }).click();
    await far.setOffline(false);
    await expect(word).toHaveText('Walk by', { timeout: 6000 });
    await expect(page.locator('[data-helper-passes]')).toHaveText('2');

    await logTrial(page, { outcome: 'returned', band: 0 });
    await endSession(page);
    await expect(helper.getByText('This session is over')).toBeVisible();
    expect(found).toEqual([]);
    await far.close();
});
