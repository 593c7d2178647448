import { expect, test } from '@playwright/test';
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

for (const path of [
    '/',
    '/dogs',
    '/dogs/1',
    '/dogs/4',
    '/dogs/create',
    '/dogs/1/intake',
    '/dogs/4/card',
    '/dogs/4/handling',
    '/dogs/4/handling#area-front_paw-left',
    '/dogs/4/coverage',
    '/items/1',
    '/events/create',
    '/dogs/4/incidents/create',
    '/places/1/sketch',
    '/plans/1/limits',
    '/plans/3/limits',
    '/dogs/3/kit?check=collar&neck=40&head=36&worn=38',
    '/dogs/3/plans/create',
    '/dogs/3/plans/create?kind=contact',
    '/dogs/5/plans/create?kind=sound',
    '/plans/6/sound',
    '/dogs/3/assessments/create',
    '/dogs/3/assessments/create?kind=contact&template=nails',
    '/dogs/1/orders/presence/trigger_motion',
    '/plans/1',
    '/plans/3',
    '/plans/1/ladder',
    '/plans/1/sessions/create',
    '/plans/3/sessions/create',
    '/sessions/12/review',
    '/templates',
    '/templates/nails',
    '/unfiled',
    '/help',
]) {
    test(`${path} is accessible, in the dark too`, async ({}, { project }) => {
        await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
        await page.goto(path);
        if (project.name === 'desktop' || OUTDOORS.includes(path)) await expectAccessible(page, path);
        const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth + 1);
        expect(wide, `${path} scrolls sideways`).toBe(false);
        if (project.name === 'phone') return; // colors do not depend on the size
        await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
        await expectReadable(page, `${path} in the dark`);
    });
}
