import { toString as draw } from 'qrcode';

/** Draws what an app on a phone is to read; what it says stands beside it in letters. */
export async function drawCode(/** @type {HTMLElement} */ place) {
    place.innerHTML = await draw(place.dataset.drawnCode ?? '', { type: 'svg', margin: 2 });
}
