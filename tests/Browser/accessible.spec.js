import { expect, test } from '@playwright/test';
import { PAGES } from './pages.js';
import { expectAccessible, expectReadable, signIn } from './steps.js';

/** @type {import('./steps.js').Page} signed in once for all screens */
let page;

test.beforeAll(async ({ browser }, { project }) => {
    page = await (await browser.newContext(project.use)).newPage();
    await signIn(page);
});

test.afterAll(() => page.context().close());

/** Screens that are used outdoors: on a phone the others are only checked not to scroll sideways. */
const OUTDOORS = [
    '/',
    '/dogs/1',
    '/dogs/4/handling',
    '/items/1',
    '/events/create',
    '/dogs/4/incidents/create',
    '/plans/1',
    '/plans/3/sessions/create',
    '/sessions/12/review',
    '/unfiled',
    '/help',
];

// and a part of the handling map, opened by its own address
for (const path of [...PAGES, '/dogs/4/handling#area-front_paw-left']) {
    test(`${path} is accessible, in the dark too`, async ({}, { project }) => {
        await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
        await page.goto(path);
        if (project.name !== 'phone' || OUTDOORS.includes(path)) await expectAccessible(page, path);
        const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth + 1);
        expect(wide, `${path} scrolls sideways`).toBe(false);
        if (project.name === 'phone') return; // colors do not depend on the size
        await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
        await expectReadable(page, `${path} in the dark`);
    });
}
