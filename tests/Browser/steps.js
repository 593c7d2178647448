import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

/** @typedef {import('@playwright/test').Page} Page */

/** @param {Page} page @param {string} who */
export async function signIn(page, who = 'rowan') {
    await page.goto('/sign-in');
    await page.getByLabel('Email address').fill(`${who}@saltmarshlane.example`);
    await page.getByLabel('Password').fill('marsh-samphire-42');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

/** No violation of WCAG 2.2 A and AA. @param {Page} page @param {string} screen */
export async function expectAccessible(page, screen) {
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']).analyze();
    expect(violations.map((violation) => `${violation.id}: ${violation.nodes.map((node) => node.target).join(' | ')}`), screen).toEqual([]);
}

/** Anything the browser complains about, the content security policy included. @param {Page} page @returns {string[]} */
export function complaints(page) {
    /** @type {string[]} */
    const found = [];
    page.on('pageerror', (error) => found.push(error.message));
    page.on('console', (message) => {
        // a 422 or 503 is an answer that the page shows; the browser lists it as an error all the same
        if (message.type() === 'error' && !/status of (422|503)|Status Error Code (422|503)|ERR_CONNECTION/.test(message.text())) found.push(message.text());
    });
    return found;
}

/**
 * Makes a presence plan for a dog and returns to the plan's page.
 * @param {Page} page @param {string} dog @param {string} trigger
 */
export async function makePlan(page, dog, trigger) {
    await page.goto('/dogs');
    await page.getByRole('link', { name: dog, exact: true }).click();
    await page.getByRole('link', { name: 'New plan' }).click();
    const field = page.getByLabel(/^(What it reacts to|Something new)/).last();
    await field.fill(trigger);
    await page.getByLabel('New place').fill(`Quay ${trigger}`);
    await page.getByLabel('Room there').fill('120');
    await page.getByLabel('Reacts at').fill('5');
    await page.getByLabel('Known to be fine at').fill('40');
    await page.getByLabel('Start', { exact: true }).fill('80');
    await page.getByLabel('Goal', { exact: true }).fill('5');
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('heading', { name: trigger })).toBeVisible();
}

/**
 * Logs one trial and waits for the advice.
 * @param {Page} page @param {{outcome: string, band?: number, distance?: string, signs?: string[], latency?: string, food?: string}} trial
 * @returns {Promise<{action: string, reasons: string[], next: number}>}
 */
export async function logTrial(page, trial) {
    const before = await trialsLogged(page);
    if (['returned', 'watched', 'prompted', 'not_returned'].includes(trial.outcome) === false) await page.getByText('Something else', { exact: true }).click();
    await page.locator(`label[for="o-${trial.outcome}"]`).click();
    if (trial.band !== undefined) await page.locator(`label[for="b-${trial.band}"]`).click();
    if (trial.distance) await page.locator('#distance').fill(trial.distance);
    if (trial.latency) await page.locator(`label[for="l-${trial.latency}"]`).click();
    if (trial.food) await page.locator(`label[for="food-${trial.food}"]`).click();
    if (trial.signs) {
        await page.getByText('Signs', { exact: true }).click();
        for (const sign of trial.signs) await page.locator(`[id="s-${sign}"]`).check();
    }
    await page.getByRole('button', { name: 'Log trial' }).click();
    await expect(page.locator('#session-panel')).toHaveAttribute('data-trials', String(before + 1));
    return advice(page);
}

/** @param {Page} page */
export async function trialsLogged(page) {
    return Number(await page.locator('#session-panel').getAttribute('data-trials'));
}

/** The advice as the page shows it. @param {Page} page */
export async function advice(page) {
    const card = page.locator('.advice');
    const next = card.locator('[data-next]');
    return {
        action: (await card.getAttribute('data-action')) ?? '',
        reasons: await card.locator('[data-reason]').evaluateAll((items) => items.map((item) => item.getAttribute('data-reason') ?? '')),
        next: (await next.count()) === 0 ? 0 : Number(await next.getAttribute('data-next')),
    };
}
