import { expect, test } from '@playwright/test';
import { PAGES } from './pages.js';
import { sql } from './steps.js';

/** Names of the practice, its people, dogs and places, and what they wrote. */
const WRITTEN = [
    ['practices', ['name', 'town']],
    ['users', ['name']],
    ['people', ['name', 'phone', 'note']],
    ['clients', ['name', 'phone', 'email', 'address', 'emergency_contact', 'vet', 'note']],
    ['trail_entries', ['about']],
    ['dogs', ['name', 'description', 'health_note']],
    ['places', ['name']],
    ['triggers', ['name']],
    ['plans', ['name', 'goal']],
    ['items', ['name', 'fit_note']],
    ['sessions', ['end_note']],
    ['trials', ['note']],
    ['events', ['note']],
    ['steps', ['instruction']],
    ['dog_areas', ['word', 'note']],
    ['skill_showings', ['place', 'note']],
    ['agreements', ['agreed_with', 'note']],
    ['incidents', ['place', 'before', 'treatment', 'told_note']],
    ['intakes', ['since', 'how_often', 'history', 'worst_facts', 'medication', 'food_limits', 'baseline']],
    ['trigger_traits', ['name', 'value']],
    ['wearings', ['note']],
    ['handler_limits', ['reason']],
    ['sketches', ['note']],
    ['waivers', ['reason']],
    ['homework', ['name', 'what', 'counts_when', 'stop_when', 'word', 'gear']],
    ['messages', ['body']],
    ['health_entries', ['name']],
    ['appointments', ['title']],
    ['closed_days', ['name']],
    ['calendar_feeds', ['name', 'address']],
    ['reports', ['name', 'note']],
    ['report_links', ['name']],
    ['imports', ['name']],
    ['api_tokens', ['name']],
    ['films', ['name']],
];

/** Not words of a language: units after a number, keys of a keyboard, and formats by their names. */
const NAMES = /\b(dB|kg|km|m|cm|s|g|kcal|JSON|CSV|XLSX|PHP|ISO|docs\/formats\.md|A|B|C|D|E|W3C|Chrome|Linux)\b/g;

const WIDTHS = [1280, 390, 320];

test.beforeAll(() => {
    for (const [table, columns] of WRITTEN)
        for (const column of columns)
            sql(`UPDATE ${table} SET ${table}.${column} = CONCAT("§", FLOOR(1000000 * RAND())) WHERE ${table}.${column} IS NOT NULL`);
    sql("UPDATE users SET email = CONCAT(id, '@§') WHERE role <> 'owner'");
    sql("UPDATE users SET language = 'qps'");
    // what was handed out stays as it was said
    sql('UPDATE reports SET sections = "[]", language = "qps"');
    sql(
        'UPDATE sessions SET report = NULL; DELETE FROM unplaced_trials; DELETE FROM practice_templates; ' +
            'UPDATE plan_versions SET plan_versions.change = "§"',
    );
});

/**
 * Every page in the pseudo-language: what is said from the language files stands in brackets and is a third longer. A letter
 * outside of brackets is hard-coded, what scrolls sideways is too narrow. What users wrote is taken out beforehand.
 */
test('no word of a page is hard-coded, and none is too long for its place', async ({ page }) => {
    await page.goto('/sign-in');
    await page.getByLabel('Email address').fill('rowan@saltmarshlane.example');
    await page.getByLabel('Password').fill('marsh-samphire-42');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.locator('.site-head nav')).toBeVisible();
    /** @type {Record<string, string[]>} */
    const bare = {};
    const wide = [];
    await page.goto('/plans/1/sessions/create');
    for (const box of await page.locator('input[name="read[]"], input[name="without_reason"]').all())
        await ((await box.getAttribute('type')) === 'checkbox' ? box.check() : box.fill('§'));
    await page.locator('form.before .btn-next').click();
    await expect(page.locator('[data-session-screen]')).toHaveAttribute('data-ready', 'true');
    for (const path of [page.url(), `${page.url()}/helper`, ...PAGES]) {
        await page.goto(path);
        if (/\/sessions\/\d+$/.test(path)) await expect(page.locator('[data-session-screen]')).toHaveAttribute('data-ready', 'true');
        await page.locator('details').evaluateAll((all) => all.forEach((one) => one.setAttribute('open', '')));
        const found = await page.evaluate(bareWords);
        const words = [...new Set(found.map((text) => text.replace(new RegExp(names, 'g'), '')).filter((text) => /\p{L}{2}/u.test(text)))];
        if (words.length > 0) bare[path] = words;
        for (const width of WIDTHS) {
            await page.setViewportSize({ width, height: 844 });
            if (await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth + 1))
                wide.push(`${path} at ${width}`);
        }
    }
    expect(bare).toEqual({});
    expect(wide, 'scroll sideways').toEqual([]);
});

const names = NAMES.source;

/** What can be read on a page and stands outside of brackets. Runs in the page. @returns {string[]} */
function bareWords() {
    const found = [];
    const outside = (/** @type {string} */ text) => {
        let rest = text;
        for (let before = ''; before !== rest; ) {
            before = rest;
            rest = rest.replace(/⟦[^⟦⟧]*⟧/g, ' ');
        }
        return rest;
    };
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) {
        const { parentElement, textContent } = texts.currentNode;
        if (!parentElement || parentElement.closest('script, style, noscript, textarea, code, [data-keys-rows] td')) continue;
        found.push(textContent ?? '');
    }
    for (const element of document.querySelectorAll('[aria-label], [placeholder], [alt], [title]'))
        for (const name of ['aria-label', 'placeholder', 'alt', 'title']) found.push(element.getAttribute(name) ?? '');
    found.push(document.title.replace('Wheatear', ''));
    return found.map((text) => outside(text).replace(/\s+/g, ' ').trim()).filter((text) => /\p{L}{2}/u.test(text));
}
