import { resolve } from 'node:path';

/** Milliseconds from one picture to the next. */
export const FRAME = 100;

/**
 * A drawn film: what is seen in each picture is told by its colors, left what the ears do, right where the gaze rests.
 *
 * @param {import('@playwright/test').Browser} browser
 * @param {{ears: number[], gaze: number[], pictures: number}} script pictures at which ears go forward and back by turns,
     the gaze on and off
 * @returns {Promise<Buffer>} WebM
 */
export async function drawnFilm(browser, script) {
    // a page of its own: the application's lets no other script in
    const context = await browser.newContext({ bypassCSP: true, baseURL: process.env.WHEATEAR_URL });
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.addScriptTag({ path: resolve('node_modules/mediabunny/dist/bundles/mediabunny.min.cjs') });
    const bytes = await page.evaluate(
        async ({ ears, gaze, pictures, frame }) => {
            const { BufferTarget, CanvasSource, Output, WebMOutputFormat } = /** @type {any} */ (window).Mediabunny;
            const canvas = new OffscreenCanvas(160, 90);
            const context = /** @type {OffscreenCanvasRenderingContext2D} */ (canvas.getContext('2d'));
            const output = new Output({ format: new WebMOutputFormat(), target: new BufferTarget() });
            const source = new CanvasSource(canvas, { codec: 'vp8', bitrate: 400_000 });
            output.addVideoTrack(source, { frameRate: 1000 / frame });
            await output.start();
            const isOn = (/** @type {number[]} */ turns, /** @type {number} */ i) => turns.filter((at) => at <= i).length % 2 === 1;
            for (let i = 0; i < pictures; i++) {
                context.fillStyle = isOn(ears, i) ? '#fff' : '#000';
                context.fillRect(0, 0, 80, 90);
                context.fillStyle = isOn(gaze, i) ? '#fff' : '#000';
                context.fillRect(80, 0, 80, 90);
                await source.add((i * frame) / 1000, frame / 1000);
            }
            await output.finalize();
            return [...new Uint8Array(output.target.buffer)];
        },
        { ...script, frame: FRAME },
    );
    await context.close();
    return Buffer.from(bytes);
}

/** What the picture that is shown tells. @param {import('@playwright/test').Page} page @returns {Promise<{ears: boolean,
    gaze: boolean}>} */
export function shown(page) {
    return page.locator('[data-player]').evaluate((/** @type {HTMLVideoElement} */ video) => {
        const context = /** @type {OffscreenCanvasRenderingContext2D} */ (new OffscreenCanvas(160, 90).getContext('2d'));
        context.drawImage(video, 0, 0, 160, 90);
        const light = (/** @type {number} */ x) => (context.getImageData(x, 45, 1, 1).data[0] ?? 0) > 128;
        return { ears: light(40), gaze: light(120) };
    });
}
