import { deviceId, keepPagesForOffline } from './device/device.js';
import { Sender } from './device/sender.js';
import { MemoryStore, Store } from './device/store.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountHandling } from './handling.js';
import { mountFreeKeys } from './free/keys.js';
import { FreeScreen } from './free/screen.js';

keepPagesForOffline();
mountWaiting(document.body);
mountMenus(document);
mountHandling();

const root = document.querySelector('[data-free]');
if (root instanceof HTMLElement) {
    mountFreeKeys(root);
    const session = Number(root.dataset.free);
    const user = Number(document.body.dataset.user);
    Store.open()
        .catch(() => new MemoryStore())
        .then((store) => {
            const screen = new FreeScreen(root, { session, user, store });
            screen.sender = new Sender(
                store,
                { user, device: deviceId() },
                {
                    onReceipt: (entry, receipt) => entry.isFree && entry.session === session && screen.received(receipt),
                    onStatus: (status, waiting) => screen.network(status, waiting),
                },
            );
            return screen.start();
        });
}
