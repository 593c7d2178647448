import htmx from 'htmx.org';
import { mountStepper } from './stepper.js';
import { keepPagesForOffline } from './device/device.js';
import { mountSketch } from './field/sketch.js';
import { mountHandling } from './handling.js';
import { mountLadder } from './plans/ladder.js';
import { mountProblems } from './problems.js';
import { mountWaiting } from './device/waiting.js';
import { mountMenus } from './menu.js';
import { mountTry } from './sound/try.js';
import { securityToken } from './device/security-token.js';

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
htmx.config.historyCacheSize = 0;
// without 'style': setting it, even to nothing, is inline style to the content security policy
htmx.config.attributesToSettle = ['class', 'width', 'height'];
// an invalid form comes back with 422 and its messages; errors of the server leave the form as it is
htmx.config.responseHandling = [
    { code: '204', swap: false },
    { code: '422', swap: true },
    { code: '[23]..', swap: true },
    { code: '[45]..', swap: false, error: true },
];

// read at each request: a token rendered into the page goes stale
document.addEventListener('htmx:configRequest', (event) => {
    event.detail.headers['X-XSRF-TOKEN'] = securityToken(document.cookie);
});

htmx.onLoad((/** @type {Element} */ element) => {
    for (const stepper of element.querySelectorAll('[data-stepper]')) mountStepper(stepper);
    for (const board of /** @type {HTMLElement[]} */ ([
        ...(element.matches('[data-ladder]') ? [element] : []),
        ...element.querySelectorAll('[data-ladder]'),
    ]))
        mountLadder(board);
});

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
