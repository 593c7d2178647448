import { expect, test } from '@playwright/test';
import { complaints, expectAccessible, signIn } from './steps.js';

/** @typedef {import('./steps.js').Page} Page */

/**
 * From Today: the dog, a word for the place, and what it is.
 * @param {Page} page @param {string} dog @param {RegExp} activity @param {string} [place]
 */
async function startFree(page, dog, activity, place = '') {
    await page.getByRole('link', { name: 'Today' }).click();
    await page.getByRole('link', { name: 'Without a plan' }).click();
    await page.getByRole('link', { name: dog, exact: true }).click();
    if (place) await page.getByLabel(/^Where/).fill(place);
    await page.getByRole('button', { name: activity }).click();
    await expect(page.locator('[data-free]')).toHaveAttribute('data-ready', '1');
}

/** @param {Page} page @param {string} kind */
const count = (page, kind) => page.locator(`[data-count="${kind}"]`);

/** @param {Page} page */
const saved = (page) => expect(page.locator('[data-free]')).toHaveAttribute('data-waiting', '0');

/** @param {Page} page */
async function end(page) {
    await saved(page);
    await page.getByRole('button', { name: 'End', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Everything that was noted' })).toBeVisible();
}

test('looking around at a place nobody has been to: nothing lost without a network, and the review says what the break did', async ({
    page,
    context,
}, { project }) => {
    const found = complaints(page);
    await signIn(page, 'jory');
    const place = `harbor square ${project.name}`;
    await startFree(page, 'Thimble', /Look around/, place);
    await expectAccessible(page, 'look around');
    for (let look = 0; look < 6; look++) await page.getByRole('button', { name: /Looked at me/ }).click();
    await page.getByRole('button', { name: /Mark not answered/ }).click();
    await page.getByRole('button', { name: /Mark not answered/ }).click();
    await expect(page.locator('[data-prompt="walk_off"]')).toContainText('walk off, or farther');

    await context.setOffline(true);
    const stare = page.locator('[data-stare]');
    await stare.click();
    await expect(stare).toHaveAttribute('aria-pressed', 'true');
    await stare.click();
    await page.getByLabel('Something else').fill('jogger');
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('button', { name: 'A break' }).click();
    await page.getByLabel('Which skill').selectOption({ label: 'turn-away' });
    for (const how of ['At once', 'Late', 'At once']) await page.getByRole('button', { name: new RegExp(`^${how}`) }).click();
    await page.reload();
    await expect(count(page, 'at_once')).toHaveText('2');
    await expect(count(page, 'stare')).toHaveText('1');
    await context.setOffline(false);
    await saved(page);
    await expect(page.locator('[data-prompt]')).toBeHidden();

    await page.getByRole('button', { name: 'Same spot, changed' }).click();
    // what was noted last moves the page under the finger
    const slip = page.getByRole('button', { name: 'wrong thing marked' });
    await expect(async () => {
        if (!(await slip.isVisible())) await page.getByText('My mistake').click();
        await expect(slip).toBeVisible({ timeout: 1000 });
    }).toPass();
    await slip.click();
    await page.getByRole('button', { name: /^Startled/ }).click();
    await page.getByRole('button', { name: 'Undo the last' }).click();
    await expect(count(page, 'startled')).toHaveText('0');
    await end(page);
    await expect(page.getByRole('row', { name: /Marks answered/ })).toContainText('6 of 8');
    await expect(page.getByRole('row', { name: /Longest stares/ })).toContainText('jogger');
    await expect(page.getByText('turn-away: 2 at once, 1 late, 0 not')).toBeVisible();
    await expect(page.getByText('wrong thing marked: 1')).toBeVisible();
    await page
        .getByRole('listitem')
        .filter({ hasText: 'at jogger' })
        .getByRole('link', { name: /^Put right/ })
        .click();
    await page.getByLabel(/^For how many seconds/).fill('12.5');
    await expectAccessible(page, 'review of a look around');
    await page.getByRole('button', { name: 'Save the correction' }).click();
    await expect(page.getByRole('row', { name: /Longest stares/ })).toContainText('jogger 12.5 s');
    await page.getByRole('link', { name: 'Thimble' }).click();
    await expect(page.getByText(`Look around, ${place}`)).toBeVisible();
    await expect(page.locator('#foundations')).toContainText(place);
    expect(found).toEqual([]);
});

test('one press ends a session while its last tap is still on its way', async ({ page }) => {
    await signIn(page);
    await startFree(page, 'Thimble', /Look around/, 'Slow quay');
    await page.route('**/entries', async (route) => {
        await new Promise((later) => setTimeout(later, 1500));
        await route.continue();
    });
    await page.locator('button[value="looked"]').click();
    await page.getByRole('button', { name: 'End', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Everything that was noted' })).toBeVisible();
});

test('a tour of the body: a tap on a part, a tap on how it was', async ({ page }) => {
    const found = complaints(page);
    await signIn(page);
    await startFree(page, 'Thimble', /Tour of the body/);
    await expectAccessible(page, 'tour');
    // how it is touched stays until it is changed
    await page.getByLabel('How I touch').selectOption('stroke');
    await page.getByLabel('The dog').selectOption('lying');
    for (const [part, band] of [
        ['back', 'easy'],
        ['left ear', 'noticed'],
        ['left front paw', 'stretched'],
    ]) {
        await page
            .locator('.dog a:not([tabindex])', { has: page.locator('path') })
            .and(page.getByRole('link', { name: new RegExp(`^${part}:`) }))
            .first()
            .click();
        await page.locator('.area-detail:target').getByRole('button', { name: band }).click();
    }
    await expect(page.locator('[data-part="ear left"]').first()).toHaveAttribute('href', '#band-1');
    // stiff, and graded as noticed: asked once
    await page.getByText('What it showed').click();
    await page.locator('label[for="ts-stiff"]').click();
    await page.locator('.area-detail:target').getByRole('button', { name: 'noticed' }).click();
    await expect(page.locator('[data-prompt="hands_off"]')).toBeVisible();
    await page.getByRole('button', { name: 'Hands off: it struggled' }).click();
    await expect(page.locator('[data-part="front_paw left"]').first()).toHaveAttribute('href', '#band-3');
    // it looks at the hand, as the food is gone: asked, and no doubt
    await page.getByText('What it showed').click();
    await page.locator('label[for="ts-look.hand"]').click();
    await page.locator('.area-detail:target').getByRole('button', { name: 'struggling' }).click();
    await page.getByRole('button', { name: 'No, it was gone' }).click();
    await expect(page.locator('[data-latest]')).toContainText('left front paw: struggling; stroke; dog lying down; the food was gone');
    await page.getByRole('link', { name: 'The other side' }).filter({ visible: true }).click();
    await page.locator('.area-detail:target').getByRole('button', { name: 'easy' }).click();
    await saved(page);
    await end(page);
    await expect(page.getByText('Fine at: back, left ear, right front paw')).toBeVisible();
    await expect(page.getByText('Too much at: left front paw')).toBeVisible();
    await expectAccessible(page, 'review of a tour');
    expect(found).toEqual([]);
});

test('keys and a presenter’s remote count without a plan as they do with one', async ({ page, isMobile }) => {
    test.skip(isMobile, 'a keyboard');
    const found = complaints(page);
    await signIn(page);
    // as somebody gave the forward button of a remote to "good"
    await page.evaluate(() => localStorage.setItem('wheatear-keys', JSON.stringify({ good: 'PageDown' })));
    await startFree(page, 'Gorse', /Look around/, 'ferry steps');
    for (const [key, kind, times] of [
        ['c', 'looked', '1'],
        ['PageDown', 'looked', '2'],
        ['r', 'looked_back', '1'],
        ['n', 'unanswered', '1'],
        ['u', 'unanswered', '0'],
    ]) {
        await page.keyboard.press(key ?? '');
        await expect(count(page, kind ?? '')).toHaveText(times ?? '');
    }
    await page.keyboard.press('s');
    await expect(page.locator('[data-stare]')).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('s');
    await expect(count(page, 'stare')).toHaveText('1');
    await page.getByRole('button', { name: 'Not noted' }).click();
    // what is typed stays typed
    await page.locator('#end-note').pressSequentially('cruc');
    await expect(count(page, 'looked')).toHaveText('2');
    await expectAccessible(page, 'look around with keys');
    await end(page);
    expect(found).toEqual([]);
});
