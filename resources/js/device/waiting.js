import { Sender } from './sender.js';
import { Store } from './store.js';
import { deviceId, forgetPages, forgetPagesOfOthers } from './device.js';
import { say } from '../words.js';

/**
 * On every page of a signed-in user: sends what this device still holds, says how much waits, and warns before signing out.
 * @param {HTMLElement} body with data-user
 */
export async function mountWaiting(body) {
    const user = Number(body.dataset.user);
    if (!user) return;
    forgetPagesOfOthers(user).catch(() => undefined);
    const store = await Store.open().catch(() => null);
    const note = document.querySelector('[data-waiting]');
    const show = (/** @type {number} */ mine, /** @type {number} */ others) => {
        if (!(note instanceof HTMLElement)) return;
        const parts = [];
        if (mine > 0) parts.push(say('waits', { mine }));
        if (others > 0) parts.push(say('others_wait', { others }));
        note.textContent = parts.join(' ');
        note.hidden = parts.length === 0;
    };
    const refresh = async () => {
        const all = (await store?.all()) ?? [];
        const mine = all.filter((entry) => entry.user === user).length;
        show(mine, all.length - mine);
        return mine;
    };
    for (const form of document.querySelectorAll('[data-sign-out]')) {
        form.addEventListener('submit', async (event) => {
            // stopped at once and sent on afterwards: an event is over by the time the store has answered
            event.preventDefault();
            const mine = await refresh();
            if (mine > 0 && !confirm(say('sign_out_all_the_same', { mine }))) return;
            await forgetPages();
            if (form instanceof HTMLFormElement) form.submit();
        });
    }
    const waitingNow = refresh();
    if (!store || document.querySelector('[data-session-screen], [data-free]')) return;
    const sender = new Sender(
        store,
        { user, device: deviceId() },
        {
            onStatus: () => void refresh(),
        },
    );
    if ((await waitingNow) > 0) await sender.wake();
}
