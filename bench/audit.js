import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';
import process from 'node:process';

/** Audits the pages that are used most, signed in as the demo's owner; prints marks, sizes and what costs a mark. */
const [, , base, folder, only] = process.argv;
const tool = createRequire(`${folder}/package.json`);
const { default: lighthouse } = await import(pathToFileURL(tool.resolve('lighthouse')).href);
const launcher = await import(pathToFileURL(tool.resolve('chrome-launcher')).href);

/** Cookies of a sign-in, and where its pages are. */
const jar = new Map();
/** @param {string} path @param {Record<string, string>} [fields] @returns {Promise<Response>} */
async function ask(path, fields) {
    const answer = await fetch(new URL(path, base), {
        method: fields ? 'POST' : 'GET',
        redirect: 'manual',
        body: fields && new URLSearchParams(fields),
        headers: {
            Cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
            'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
        },
    });
    for (const cookie of answer.headers.getSetCookie()) {
        const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie) ?? [];
        jar.set(name, value);
    }
    return answer;
}
/** @param {Response} answer @returns {string} */
const target = (answer) => new URL(answer.headers.get('location') ?? '/', base).pathname;

await ask('/sign-in');
await ask('/sign-in', { email: 'rowan@saltmarshlane.example', password: 'marsh-samphire-42' });
const session = target(await ask('/plans/1/sessions', { without_reason: 'an audit' }));
const review = /href="[^"]*(\/sessions\/\d+\/review)"/.exec(await (await ask('/plans/2')).text())?.[1] ?? '/sessions/1/review';
const pages = { Today: '/', session, dog: '/dogs/1', review, 'at home': '/dogs/1/home' };

const chrome = await launcher.launch({
    chromePath: process.env.CHROME_PATH,
    chromeFlags: ['--headless=new', '--no-sandbox', '--disable-gpu'],
});
console.log(`${'page'.padEnd(10)}  speed  access  practice  found   kB    layout shift   first use`);
let isGood = true;
for (const [name, path] of Object.entries(pages).filter(([one]) => !only || one === only)) {
    const { lhr } = await lighthouse(new URL(path, base).href, {
        port: chrome.port,
        logLevel: 'silent',
        extraHeaders: { Cookie: [...jar].map(([key, value]) => `${key}=${value}`).join('; ') },
    });
    const marks = ['performance', 'accessibility', 'best-practices', 'seo'].map((key) =>
        Math.round(100 * (lhr.categories[key]?.score ?? 0)),
    );
    isGood &&= marks.every((mark) => mark === 100);
    console.log(
        `${name.padEnd(10)}  ${marks.map((mark) => String(mark).padStart(5)).join('  ')}   ` +
            `${(lhr.audits['total-byte-weight'].numericValue / 1024).toFixed(0).padStart(4)}   ` +
            `${lhr.audits['cumulative-layout-shift'].numericValue.toFixed(3).padStart(8)}   ` +
            `${(lhr.audits.interactive.numericValue / 1000).toFixed(2).padStart(8)} s   ${path}`,
    );
    for (const category of Object.values(lhr.categories))
        for (const { id, weight } of category.auditRefs) {
            const { score, title, displayValue, scoreDisplayMode } = lhr.audits[id];
            if (weight > 0 && score !== null && score < 1 && scoreDisplayMode !== 'notApplicable')
                console.log(`    ${category.id}: ${title} ${displayValue ?? ''} (${score})`);
        }
}
await chrome.kill();
process.exit(isGood ? 0 : 1);
