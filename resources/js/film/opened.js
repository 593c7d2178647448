/** Pictures a second where a browser tells of none, and how many are looked at to find out. */
const USUAL_FRAME = 1 / 30;
const LOOKED_AT = 12;
const PATIENCE = 4000;

/**
 * Opens a file in a player. @param {HTMLVideoElement} video @param {Blob} file
 * @returns {Promise<{length: number, frame: number}>} milliseconds, and microseconds from one picture to the next; rejected where there are
 *    no pictures
 */
export async function opened(video, file) {
    if (video.src) URL.revokeObjectURL(video.src);
    video.src = URL.createObjectURL(file);
    await event(video, 'loadedmetadata');
    // films straight from a recorder do not say how long they are until their end was looked for
    if (!Number.isFinite(video.duration)) {
        video.currentTime = 1e7;
        await event(video, 'durationchange');
        video.currentTime = 0;
    }
    if (!video.videoWidth || !(video.duration > 0)) throw new Error('no pictures');
    const frame = await frameOf(video);
    return { length: Math.round(video.duration * 1000), frame: Math.round(frame * 1e6) };
}

/** @param {HTMLVideoElement} video @returns {Promise<number>} seconds from one picture to the next: the median of the first ones */
async function frameOf(video) {
    if (!('requestVideoFrameCallback' in video)) return USUAL_FRAME;
    /** @type {number[]} */
    const times = [];
    await new Promise((resolve) => {
        const look = (/** @type {number} */ _, /** @type {{mediaTime: number}} */ { mediaTime }) => {
            times.push(mediaTime);
            if (times.length > LOOKED_AT) resolve(null);
            else video.requestVideoFrameCallback(look);
        };
        video.requestVideoFrameCallback(look);
        video.addEventListener('ended', resolve, { once: true });
        setTimeout(resolve, PATIENCE);
        video.play().catch(resolve);
    });
    video.pause();
    video.currentTime = 0;
    // a picture may be left out on a busy device: the least that comes more than once by chance is one picture
    const apart = times.slice(1).map((at, i) => at - (times[i] ?? 0));
    const least = Math.min(...apart.filter((one) => one > 0.005));
    return Number.isFinite(least) ? least : USUAL_FRAME;
}

/** @param {HTMLVideoElement} video @param {string} name */
function event(video, name) {
    return new Promise((resolve, reject) => {
        video.addEventListener(name, resolve, { once: true });
        video.addEventListener('error', () => reject(new Error('no film')), { once: true });
    });
}
