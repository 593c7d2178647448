import { mountStepper } from './stepper.js';
import { keepPagesForOffline } from './device/device.js';
import { mountSketch } from './field/sketch.js';
import { mountHandling } from './handling.js';
import { mountProblems } from './problems.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountTry } from './sound/try.js';

for (const stepper of document.querySelectorAll('[data-stepper]')) mountStepper(stepper);
if (document.querySelector('[hx-get], [hx-post], [data-ladder]')) void import('./fresh-parts.js');
mountProblems(document);
keepPagesForOffline();
mountWaiting(document.body);
mountHandling();
mountMenus(document);
for (const button of document.querySelectorAll('[data-print]')) button.addEventListener('click', () => print());
for (const place of document.querySelectorAll('[data-drawn-code]'))
    if (place instanceof HTMLElement) import('./drawn-code.js').then(({ drawCode }) => drawCode(place));
for (const field of document.querySelectorAll('[data-zone-here]'))
    if (field instanceof HTMLInputElement && field.value === '') field.value = Intl.DateTimeFormat().resolvedOptions().timeZone;
for (const form of document.querySelectorAll('[data-sketch]')) if (form instanceof HTMLFormElement) mountSketch(form);
for (const form of document.querySelectorAll('[data-sound-form]')) if (form instanceof HTMLElement) mountTry(form);
