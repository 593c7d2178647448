import { resolve } from 'node:path';

/** Milliseconds from one picture to the next. */
export const FRAME = 100;

/**
 * A drawn film of a dog. What is seen in each picture is told by its upper corners too, left whether the ears are forward, right whether it
 * looks at who passes.
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
            const canvas = new OffscreenCanvas(320, 180);
            const context = /** @type {OffscreenCanvasRenderingContext2D} */ (canvas.getContext('2d'));
            const output = new Output({ format: new WebMOutputFormat(), target: new BufferTarget() });
            const source = new CanvasSource(canvas, { codec: 'vp8', bitrate: 400_000 });
            output.addVideoTrack(source, { frameRate: 1000 / frame });
            await output.start();
            const isOn = (/** @type {number[]} */ turns, /** @type {number} */ i) => turns.filter((at) => at <= i).length % 2 === 1;
            for (let i = 0; i < pictures; i++) {
                const [forward, on] = [isOn(ears, i), isOn(gaze, i)];
                context.fillStyle = '#d8cdb4';
                context.fillRect(0, 0, 320, 180);
                context.fillStyle = '#8d7c5b';
                context.fillRect(0, 150, 320, 30);
                // who passes, far behind
                context.fillStyle = '#26323c';
                context.fillRect((i * 3) % 320, 96, 12, 54);
                context.fillStyle = '#b79f79';
                context.fillRect(96, 100, 96, 40);
                for (const x of [100, 120, 164, 180]) context.fillRect(x, 134, 10, 30);
                const nose = on ? 1 : -1;
                context.beginPath();
                context.arc(190 + 6 * nose, 82, 26, 0, 7);
                context.fill();
                context.fillRect(190 + (nose > 0 ? 20 : -48), 80, 32, 14);
                context.fillStyle = '#6e5a3a';
                context.beginPath();
                context.moveTo(180, 64);
                context.lineTo(forward ? 196 : 160, forward ? 36 : 58);
                context.lineTo(200, 62);
                context.fill();
                context.fillStyle = forward ? '#fff' : '#000';
                context.fillRect(0, 0, 24, 24);
                context.fillStyle = on ? '#fff' : '#000';
                context.fillRect(296, 0, 24, 24);
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
        const context = /** @type {OffscreenCanvasRenderingContext2D} */ (new OffscreenCanvas(320, 180).getContext('2d'));
        context.drawImage(video, 0, 0, 320, 180);
        const light = (/** @type {number} */ x) => (context.getImageData(x, 10, 1, 1).data[0] ?? 0) > 128;
        return { ears: light(10), gaze: light(310) };
    });
}
