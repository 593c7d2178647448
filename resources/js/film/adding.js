import { say } from '../words.js';
import { knownBy } from './known-by.js';
import { opened } from './opened.js';

/** Reads what a chosen film is known by; the film itself goes nowhere. @param {HTMLFormElement} form */
export function mountAdding(form) {
    const file = /** @type {HTMLInputElement} */ (form.querySelector('[data-file]'));
    const said = /** @type {HTMLElement} */ (form.querySelector('[data-said]'));
    const go = /** @type {HTMLButtonElement} */ (form.querySelector('[data-go]'));
    const set = (/** @type {string} */ name, /** @type {string | number} */ value) => {
        /** @type {HTMLInputElement} */ (form.elements.namedItem(name)).value = String(value);
    };
    const read = async () => {
        const chosen = file.files?.[0];
        go.disabled = true;
        if (!chosen) return;
        said.textContent = say('film.reading');
        const video = document.createElement('video');
        video.muted = true;
        try {
            const { length, frame } = await opened(video, chosen);
            set('length', length);
            set('frame', frame);
            set('fingerprint', await knownBy(chosen));
            const name = /** @type {HTMLInputElement} */ (form.elements.namedItem('name'));
            if (name.value === '') name.value = chosen.name.replace(/\.[^.]*$/, '').slice(0, 120);
            go.disabled = false;
            said.textContent = say('film.ready');
        } catch {
            said.textContent = say('film.no_pictures');
        } finally {
            URL.revokeObjectURL(video.src);
        }
    };
    file.addEventListener('change', read);
    // chosen before this was here to see it
    if (file.files?.length) void read();
}
