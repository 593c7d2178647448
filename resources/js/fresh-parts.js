import htmx from 'htmx.org';
import { mountStepper } from './stepper.js';
import { mountLadder } from './plans/ladder.js';
import { securityToken } from './device/security-token.js';

/** Parts of a page that are brought anew by the server. Loaded only where a page has one. */

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

/** @param {Element} part @param {string} what @returns {HTMLElement[]} itself among them */
const within = (part, what) => /** @type {HTMLElement[]} */ ([...(part.matches(what) ? [part] : []), ...part.querySelectorAll(what)]);

htmx.onLoad((/** @type {Element} */ part) => {
    // of the whole page, what stands by itself is there already
    if (part !== document.body) for (const stepper of within(part, '[data-stepper]')) mountStepper(stepper);
    for (const board of within(part, '[data-ladder]')) mountLadder(board);
});
