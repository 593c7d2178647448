import { SoundPlayer } from './player.js';
import { say } from '../words.js';

/** Seconds that a sound is tried for, long enough to read a meter. */
const SECONDS = 4;

/** Plays the chosen recording at the share typed beside it, so that a meter at the dog's place can be read. @param {HTMLElement} form */
export function mountTry(form) {
    const button = /** @type {HTMLButtonElement} */ (form.querySelector('[data-try]'));
    const words = /** @type {HTMLElement} */ (form.querySelector('[data-try-words]'));
    const value = (/** @type {string} */ name) =>
        /** @type {HTMLInputElement | HTMLSelectElement | null} */ (form.querySelector(`[name="${name}"]`))?.value ?? '';
    /** @type {SoundPlayer | null} */
    let player = null;
    button.hidden = false;
    button.addEventListener('click', async () => {
        if (player?.isPlaying()) return player.stop();
        const percent = Number(value('read_percent').replace(',', '.'));
        const recording = value('recording');
        if (!recording || !(percent > 0 && percent <= 100)) {
            words.textContent = say('sound.choose');
            return;
        }
        player = new SoundPlayer(`/sounds/${recording}.wav`, (isPlaying) => {
            button.setAttribute('aria-pressed', String(isPlaying));
            button.textContent = say(isPlaying ? 'sound.stop' : 'sound.play_it');
        });
        words.textContent = (await player.play({ fraction: percent / 100, seconds: SECONDS, onset: 0.3 })) ? '' : say('sound.not_here');
    });
}
