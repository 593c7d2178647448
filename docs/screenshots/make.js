import { chromium, expect } from '@playwright/test';
import config from '../../playwright.config.js';
import { drawnFilm } from '../../tests/Browser/drawn-film.js';
import { logTrial, readAndReason, signIn, startSession } from '../../tests/Browser/steps.js';

/** Pictures at which the ears go forward and back, the gaze on and off; and what a grader tells of them, by the seconds. */
const FILM = { ears: [21, 53, 200, 214], gaze: [15, 60, 198, 230], pictures: 300 };
/** @type {[number, string][]} */
const TOLD = [
    [0.05, 'll'],
    [1.05, 'd'],
    [1.55, 'g'],
    [2.15, 'ew'],
    [2.75, 'm'],
    [5.35, 'ebw'],
    [6.05, 'g'],
    [7.05, 'f'],
    [9.05, 'd2'],
    [19.05, 'd'],
    [19.85, 'gggg'],
    [20.05, 'ee'],
    [21.45, 'e'],
    [23.05, 'gd1'],
    [4.05, ''],
];

const folder = new URL('.', import.meta.url).pathname;
const browser = await chromium.launch(config.use?.launchOptions);
const context = await browser.newContext({ baseURL: process.env.WHEATEAR_URL, viewport: { width: 1280, height: 800 } });
const page = await context.newPage();

/** @param {string} name @param {string} [path] */
async function take(name, path) {
    if (path) await page.goto(path);
    await page.screenshot({ path: `${folder}${name}.png` });
}

/** The walk of docs/walk-through.md: a new dog from intake to where it would start. */
async function intakeToStart() {
    await page.goto('/dogs/create');
    await page.getByLabel('Name', { exact: true }).fill('Quill');
    await page.getByLabel('Who it is').fill('young water dog, 3, unsettled by marching bands');
    await page.getByRole('button', { name: 'Add' }).click();
    await page.getByLabel('In this home since').fill('2025-05-02');
    await page.getByLabel('It does this since').fill('the spring parade');
    await page.getByLabel('How often').fill('on every parade day');
    await page
        .getByLabel('What was tried')
        .fill('Stood at the curb until it was over, twice. Since then she barks at drums from two streets away.');
    await page.getByLabel('The worst it has done').selectOption('growl');
    await page.getByLabel('The facts of it').fill('Growled at a drummer who stepped out of the row, May, nobody touched.');
    await page.getByLabel('How it stands, moves and looks').fill('Level, tail low and slow.');
    await take('intake');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name: 'Assess' }).click();
    await page
        .getByLabel(/^(What it is about|Something new)/)
        .last()
        .fill('Marching bands');
    await page.getByLabel('Has reacted at').fill('15');
    for (const [i, [distance, cue, food]] of [
        ['140', '1', 'gently'],
        ['110', '1', 'gently'],
        ['90', '1', 'gently'],
        ['60', '0', 'hard'],
    ].entries()) {
        await page.getByLabel(`Distance of test ${i + 1}`).fill(distance);
        await page.getByLabel(`Cue of test ${i + 1}`).selectOption(cue);
        await page.getByLabel(`Food of test ${i + 1}`).selectOption(food);
    }
    await page.getByRole('button', { name: 'Propose a start' }).click();
    await take('assessment');
}

await signIn(page);
await take('today');
await take('dog', '/dogs/1');
await take('plan', '/plans/1');
await take('ladder', '/plans/1/ladder');
await take('handling', '/dogs/4/handling#area-front_paw-left');
await take('report', '/dogs/1/reports/progress');
await take('sketch', '/places/1/sketch?plan=1');
await take('limits', '/plans/1/limits');
await page.goto('/week');
await page.getByRole('link', { name: 'The week after' }).click();
await take('week');
await intakeToStart();
await take('review', '/sessions/12/review');

await page.goto('/yard');
await page.getByRole('button', { name: /The over-eager one/ }).click();
await page.getByRole('button', { name: 'Begin' }).click();
for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
// somebody comes into sight, and it rises
await expect
    .poll(async () => Number(((await page.locator('[data-part="tail"]').getAttribute('d')) ?? '').split(' ').at(-1)), { timeout: 20_000 })
    .toBeLessThan(90);
await take('yard');

// a drawn film, told for some seconds
const file = { name: 'Carts on the seawall.webm', mimeType: 'video/webm', buffer: await drawnFilm(browser, FILM) };
await page.goto('/dogs/1/films');
await page.getByLabel('The film, on this device').setInputFiles(file);
await page.getByText('The film is there.').waitFor();
await page.getByRole('button', { name: 'Add the film' }).click();
await page.getByLabel('The film, on this device').setInputFiles(file);
await page.getByText('The film is there.').waitFor();
for (const [at, keys] of TOLD) {
    await page.locator('[data-player]').evaluate((/** @type {HTMLVideoElement} */ video, to) => {
        video.currentTime = to;
    }, at);
    await page.waitForFunction(() => document.querySelector('video')?.seeking === false);
    await page.locator('[data-player]').focus();
    for (const key of keys) await page.keyboard.press(key);
}
await page.getByText('Kept.').waitFor();
await take('film');

await page.goto('/free-sessions/create?dog=2');
await page.getByLabel(/^Where/).fill('Fish quay');
await page.getByRole('button', { name: /Look around/ }).click();
for (const kind of ['looked', 'looked', 'unanswered', 'looked', 'startled', 'looked'])
    await page.locator(`button[value="${kind}"]`).click();
await page.setViewportSize({ width: 390, height: 844 });
await expect(page.locator('[data-free]')).toHaveAttribute('data-waiting', '0');
await take('look-around');
await page.setViewportSize({ width: 1280, height: 800 });
await page.getByRole('button', { name: 'End', exact: true }).click();

await page.goto('/plans/1');
await page.getByRole('link', { name: 'Start a session' }).click();
await readAndReason(page);
await page.goBack();
await startSession(page);
for (const band of [0, 0, 0, 1]) await logTrial(page, { outcome: 'returned', band });
await take('session');
await page.setViewportSize({ width: 390, height: 844 });
await page.reload();
await page.locator('[data-ready]').waitFor();
await take('session-phone');
// the other half of the job: hands, on a phone
await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
await page.goto('/plans/3');
await startSession(page);
for (let i = 0; i < 5; i++) {
    await page.locator('[data-do="offer"]').click();
    await page.waitForTimeout(700);
    await page.locator('[data-do="band-0"]').click();
    await page.waitForTimeout(1600);
}
await page.locator('[data-do="offer"]').click();
await page.locator('[data-do="hold"]').click();
await page.waitForTimeout(1300);
await take('contact-session');

// the home, on a phone
await page.goto('/dogs/1/home');
await take('at-home');
await browser.close();
