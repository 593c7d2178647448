import { deviceId, keepPagesForOffline } from './device/device.js';
import { Sender } from './device/sender.js';
import { MemoryStore, Store } from './device/store.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountHelper } from './session/helper.js';
import { Screen } from './session/screen.js';
import { mountStepper } from './stepper.js';

keepPagesForOffline();
mountWaiting(document.body);
mountMenus(document);
for (const stepper of document.querySelectorAll('[data-stepper]')) mountStepper(stepper);

for (const box of document.querySelectorAll('[data-helper]')) if (box instanceof HTMLElement) mountHelper(box);

/** Milliseconds after which the screen is shown as it is. */
const PATIENCE = 1500;

const root = document.querySelector('[data-session-screen]');
if (root instanceof HTMLElement) {
    // shown once it says something, so that nothing moves under a thumb; or soon, where a device's own store keeps it waiting
    setTimeout(() => (root.hidden = false), PATIENCE);
    const session = Number(root.dataset.session);
    const user = Number(document.body.dataset.user);
    const device = deviceId();
    Store.open()
        .catch(() => new MemoryStore())
        .then((store) => {
            const screen = new Screen(root, { session, user, device, store });
            screen.sender = new Sender(
                store,
                { user, device },
                {
                    onReceipt: (entry, receipt, serverAt) =>
                        !entry.isFree && entry.session === session && screen.received(receipt, serverAt),
                    onStatus: (status, waiting) => screen.network(status, waiting),
                },
            );
            return screen.start();
        });
}
