import { deviceId } from './device/device.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountMetronome } from './timing/metronome.js';
import { Round } from './timing/round.js';
import { Visit } from './yard/visit.js';

mountWaiting(document.body);
mountMenus(document);
for (const field of document.querySelectorAll('[data-device]')) if (field instanceof HTMLInputElement) field.value = deviceId();

const metronome = document.querySelector('[data-metronome]');
if (metronome instanceof HTMLElement) mountMetronome(metronome);
const yard = document.querySelector('[data-yard]');
if (yard instanceof HTMLElement) new Visit(yard);
const round = document.querySelector('[data-round]');
if (round instanceof HTMLElement) new Round(round);
