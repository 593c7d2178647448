import { execFileSync } from 'node:child_process';
import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

/** @typedef {import('@playwright/test').Page} Page */

/** @param {Page} page @param {string} who */
export async function signIn(page, who = 'rowan') {
    await page.goto('/sign-in');
    await page.getByLabel('Email address').fill(`${who}@saltmarshlane.example`);
    await page.getByLabel('Password').fill('marsh-samphire-42');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Today', exact: true })).toBeVisible();
}

/** No violation of WCAG 2.2 A and AA. @param {Page} page @param {string} screen */
export async function expectAccessible(page, screen) {
    await expectNone(new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']), screen);
}

/** What another color scheme can break. @param {Page} page @param {string} screen */
export async function expectReadable(page, screen) {
    await expectNone(new AxeBuilder({ page }).withRules(['color-contrast', 'link-in-text-block']), screen);
}

/** @param {AxeBuilder} axe @param {string} screen */
async function expectNone(axe, screen) {
    const { violations } = await axe.analyze();
    expect(
        violations.flatMap(({ id, nodes }) => nodes.map(({ target, failureSummary }) => `${id}: ${target}: ${failureSummary}`)),
        screen,
    ).toEqual([]);
}

/** Where a plan's page says that its dog is solid: at a step, or between two. @param {Page} page */
export async function solidMeters(page) {
    const between = page.getByText(/Solid between step \d+ and \d+: /);
    const words = (await between.count())
        ? ((await between.innerText()).split(/Solid between step \d+ and \d+: /)[1] ?? '')
        : await page
              .locator('tr', { hasText: /solid, (fine|not yet)/ })
              .last()
              .locator('td')
              .first()
              .innerText();
    return Number(/([\d.]+)\s*m/.exec(words)?.[1]);
}

/** Anything the browser complains about, the content security policy included. @param {Page} page @returns {string[]} */
export function complaints(page) {
    /** @type {string[]} */
    const found = [];
    page.on('pageerror', (error) => found.push(error.message));
    page.on('console', (message) => {
        // a 422 or 503 is an answer that the page shows; the browser lists it as an error all the same
        if (
            message.type() === 'error' &&
            !/status of (422|503)|Status Error Code (422|503)|ERR_CONNECTION|ERR_INTERNET_DISCONNECTED/.test(message.text())
        )
            found.push(message.text());
    });
    return found;
}

/**
 * Sends a form and waits for what it leads to: who goes elsewhere at once leaves before it was answered.
 * @param {Page} page @param {string} name of its button
 */
export async function send(page, name) {
    await Promise.all([page.waitForEvent('domcontentloaded'), page.getByRole('button', { name, exact: true }).click()]);
}

/** What most plans of these tests are told. */
const TOLD = { 'Room there': '120', 'Reacts at': '5', 'Known to be fine at': '40', Start: '80', Goal: '5' };

/**
 * Makes a presence plan for a dog and stays on the plan's page.
 * @param {Page} page @param {string} dog @param {string} trigger @param {Record<string, string>} told by label
 */
export async function makePlan(page, dog, trigger, told = TOLD) {
    await page.goto('/dogs');
    await page.getByRole('link', { name: dog, exact: true }).click();
    await page.getByRole('link', { name: 'New plan' }).click();
    await page
        .getByLabel(/^(What it reacts to|Something new)/)
        .last()
        .fill(trigger);
    await page.getByLabel('New place').fill(`Quay ${trigger}`);
    for (const [label, value] of Object.entries(told))
        await page.getByLabel(label, { exact: ['Start', 'Goal'].includes(label) }).fill(value);
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('heading', { name: trigger })).toBeVisible();
    return page.url();
}

/**
 * A contact or skill plan from a ladder that ships; stays on the plan's page.
 * @param {Page} page @param {number} dog @param {string} kind @param {string} template @param {string} about
 */
export async function makePlanFrom(page, dog, kind, template, about) {
    await page.goto(`/dogs/${dog}/plans/create?kind=${kind}&template=${template}`);
    await page
        .getByLabel(/^(What it is about|Something new)/)
        .last()
        .fill(about);
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('heading', { name: about })).toBeVisible();
    return page.url();
}

/**
 * Logs one trial as a thumb would and waits for the advice.
 * @param {Page} page
 * @param {{outcome: string, band?: number, distance?: string, signs?: string[], food?: string, interrupted?: boolean}} trial
 * @returns {Promise<{action: string, reasons: string[], next: number}>}
 */
export async function logTrial(page, trial) {
    const before = await trialsLogged(page);
    await tapTrial(page, trial);
    await expect(screen(page)).toHaveAttribute('data-count', String(before + 1));
    await expect(screen(page)).toHaveAttribute('data-waiting', '0');
    return advice(page);
}

/**
 * The taps alone.
 * @param {Page} page
 * @param {{outcome: string, band?: number, distance?: string, signs?: string[], food?: string, interrupted?: boolean}} trial
 */
export async function tapTrial(page, trial) {
    const isQuick = (await page.locator(`#q-${trial.outcome}`).count()) > 0;
    if (isQuick) await ask(page, trial.outcome);
    const drawer = page.locator('details.drawer').first();
    if (trial.signs || trial.food || trial.interrupted || !isQuick) await drawer.evaluate((element) => element.setAttribute('open', ''));
    // a trial is logged where we are: to where the advice says, or to a distance of one's own
    if (trial.distance) await page.locator('#q-distance').fill(trial.distance);
    else await goWhereAdvised(page);
    for (const sign of trial.signs ?? []) {
        const usual = page.locator(`label[for="qs-${sign}"]`);
        if ((await usual.count()) === 0) await page.locator('[data-all-signs]').evaluate((element) => element.setAttribute('open', ''));
        await ((await usual.count()) ? usual : page.locator(`label[for="as-${sign}"]`)).click();
    }
    if (trial.food) await page.locator(`label[for="qf-${trial.food}"]`).click();
    if (trial.interrupted) await page.locator('#q-interrupted').check();
    if (isQuick) {
        await page.locator(`label[for="q-${trial.outcome}"]`).click();
        await page.locator(`[data-do="band-${trial.band ?? 0}"]`).click();
    } else {
        await page.locator(`[data-outcome="${trial.outcome}"]`).click();
    }
    await drawer.evaluate((element) => element.removeAttribute('open'));
}

/** Says what is asked of the dog,
    where the outcome comes of something else than what stands there. @param {Page} page @param {string} outcome */
async function ask(page, outcome) {
    const row = page.locator('fieldset[data-asked]', { has: page.locator(`#q-${outcome}`) });
    if (await row.isVisible()) return;
    const asked = (await row.locator('legend').textContent())?.split(': ')[1] ?? '';
    await page.locator('[data-chip="asked"]').click();
    await page.locator('[data-chip-values]').getByRole('button', { name: asked }).click();
}

/** Takes what the advice proposes, where it proposes something else than where we are. @param {Page} page */
export async function goWhereAdvised(page) {
    const go = page.locator('[data-do="go"]');
    if (await go.isVisible()) await go.click();
}

/** @param {Page} page */
export function screen(page) {
    return page.locator('[data-session-screen]');
}

/** @param {Page} page */
export async function trialsLogged(page) {
    await expect(screen(page)).toHaveAttribute('data-ready', 'true');
    return Number(await screen(page).getAttribute('data-count'));
}

/** The advice as the page shows it. @param {Page} page */
export async function advice(page) {
    await expect(screen(page)).toHaveAttribute('data-ready', 'true');
    const card = screen(page).locator('[data-advice]');
    return {
        action: (await card.getAttribute('data-action')) ?? '',
        reasons: await card.locator('[data-reason]').evaluateAll((items) => items.map((item) => item.getAttribute('data-reason') ?? '')),
        next: Number(await card.getAttribute('data-meters')),
    };
}

/**
 * Starts a session of the plan whose page is open, with the checklist as it stands.
 * @param {Page} page @param {string} [handler] if it is not whoever is signed in
 */
export async function startSession(page, handler) {
    await page.getByRole('link', { name: 'Start a session' }).click();
    await readAndReason(page);
    if (handler) await page.getByLabel('Who handles').selectOption({ label: handler });
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(screen(page)).toHaveAttribute('data-ready', 'true');
}

/** Ticks the cautions and says why it begins without what is not ready, where that is asked. @param {Page} page */
export async function readAndReason(page) {
    await expect(page.getByRole('heading', { name: 'Before the session' })).toBeVisible();
    for (const box of await page.locator('input[name="read[]"]').all()) await box.check();
    const reason = page.getByLabel('Begin without, because');
    if (await reason.count()) await reason.fill('Shown to me on the street; recorded later.');
}

/** Ends the session that is open. @param {Page} page @param {string} [note] */
export async function endSession(page, note) {
    await page.locator('[data-end]').evaluate((element) => element.setAttribute('open', ''));
    if (note)
        await page
            .getByLabel(/Note for the end/)
            .filter({ visible: true })
            .fill(note);
    await page.getByRole('button', { name: 'End the session' }).filter({ visible: true }).click();
}

/** Runs one statement in the database of the interface under test. @param {string} statement */
export function sql(statement) {
    return execFileSync('mariadb', [
        '--no-defaults',
        `--socket=${process.env.WHEATEAR_RUN}/db/mysqld.sock`,
        '-uroot',
        '-N',
        '-B',
        'wheatear_browser',
        '-e',
        statement,
    ]).toString();
}

/** As if some sessions, and their trials, had been earlier. @param {string} interval @param {string} whose */
function earlier(interval, whose) {
    sql(
        `UPDATE trials JOIN sessions ON sessions.id = trials.session_id ` +
            `SET occurred_at = occurred_at - INTERVAL ${interval} WHERE ${whose}`,
    );
    const times = ['started_at', 'ended_at'].map((time) => `${time} = ${time} - INTERVAL ${interval}`);
    sql(`UPDATE sessions SET ${times.join(', ')} WHERE ${whose}`);
}

const OPEN = 'ended_at IS NULL';

/** As if the open sessions had run longer: a hold of minutes takes minutes, which a test does not have. @param {number} minutes */
export const timePasses = (minutes) => earlier(`${minutes} MINUTE`, OPEN);

/** As if the open sessions had run longer by some seconds. @param {number} seconds */
export const secondsPass = (seconds) => earlier(`${seconds} SECOND`, OPEN);

/** As if the ended sessions of a plan had been some days before. @param {number} days @param {number} plan */
export const daysPass = (days, plan) => earlier(`${days} DAY`, `plan_id = ${plan}`);

/** Seconds that the open session's next repetition lasts. @returns {number} */
export function lasts() {
    return Number(
        sql(
            "SELECT COALESCE(JSON_VALUE(exposure, '$.duration'), 0) FROM advice JOIN sessions ON sessions.id = session_id " +
                'WHERE ended_at IS NULL ORDER BY advice.id DESC LIMIT 1',
        ).trim() || 0,
    );
}
