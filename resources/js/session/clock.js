import { say } from '../words.js';

/**
 * Minutes and seconds since a point in time: told from timestamps, so that it is right after a screen lock.
 * @param {number} from milliseconds since 1970
 * @param {number} now
 */
export function elapsed(from, now) {
    const seconds = Math.max(0, Math.floor((now - from) / 1000));
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** A clock that is off by less is right: an answer takes a while. */
const CLOCK_SLACK = 5000;

/**
 * How far the server's clock is ahead of this device's: a phone may be off by a day, and a session has one clock.
 * @param {number} server milliseconds since 1970; NaN where it did not say
 * @param {number} device
 * @returns {number} milliseconds
 */
export function skewOf(server, device) {
    return Math.abs(server - device) >= CLOCK_SLACK ? server - device : 0;
}

/** Lets the device draw and take taps before the next piece of work. @returns {Promise<void>} */
export const breath = () => new Promise((goOn) => setTimeout(goOn, 0));

/** Seconds to a tenth. @param {number} milliseconds */
export function tenths(milliseconds) {
    return Math.round(milliseconds / 100) / 10;
}

/** The pace of a hold: short, low and quiet, as some dogs mind tones. */
export function tick() {
    sound(1, 220, 0.04, 0.05);
}

/** A short sound and a shake; silent where the browser does not allow it. @param {number} times */
export function signal(times = 1) {
    navigator.vibrate?.(Array.from({ length: times * 2 - 1 }, (_, i) => (i % 2 === 0 ? 180 : 120)));
    sound(times, 660, 0.12, 0.16);
}

/** @param {number} times @param {number} pitch in hertz @param {number} loudness 0 to 1 @param {number} seconds of each */
function sound(times, pitch, loudness, seconds) {
    try {
        const audio = new AudioContext();
        for (let i = 0; i < times; i++) {
            const tone = audio.createOscillator();
            const volume = audio.createGain();
            volume.gain.value = loudness;
            tone.frequency.value = pitch;
            tone.connect(volume).connect(audio.destination);
            tone.start(audio.currentTime + i * 0.3);
            tone.stop(audio.currentTime + i * 0.3 + seconds);
        }
        setTimeout(() => audio.close(), 400 * times + 400);
    } catch {
        // no sound here
    }
}

/** Asks for a screen that stays on, and says where that is not to be had. @param {Element | null} note */
export async function keepAwake(note) {
    const tell = (/** @type {string} */ key) => {
        if (note) note.textContent = say(key);
    };
    if (!('wakeLock' in navigator)) return tell('awake.cannot');
    try {
        await navigator.wakeLock.request('screen');
        tell('awake.stays');
    } catch {
        tell('awake.may_lock');
    }
}
