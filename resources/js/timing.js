import { deviceId } from './device/device.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountMetronome } from './timing/metronome.js';
import { Round } from './timing/round.js';

mountWaiting(document.body);
mountMenus(document);
for (const field of document.querySelectorAll('[data-device]')) if (field instanceof HTMLInputElement) field.value = deviceId();

const metronome = document.querySelector('[data-metronome]');
if (metronome instanceof HTMLElement) mountMetronome(metronome);
const round = document.querySelector('[data-round]');
if (round instanceof HTMLElement) new Round(round);
