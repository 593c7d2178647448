import { jsonRequest } from '../device/json-request.js';
import { SLOT_MINUTES, clock, daysLater, minuteAt, onTheGrid } from './place.js';

const DRAGGED = 5;

/** A week on a desk: sessions are dragged, or moved by keys; the server says whether they may be there. @param {ParentNode} page */
export function mountWeek(page) {
    const told = /** @type {HTMLElement | null} */ (page.querySelector('[data-week-told]'));
    let isBusy = false;

    /**
     * @param {HTMLElement} card
     * @param {Record<string, string | number>} change
     */
    async function move(card, change) {
        if (isBusy) return;
        isBusy = true;
        const answer = await fetch(card.dataset.appointment ?? '', jsonRequest('PUT', change)).catch(() => null);
        isBusy = false;
        const said = answer?.headers.get('Content-Type')?.includes('json') ? await answer.json() : null;
        const week = page.querySelector('[data-week]');
        if (answer?.ok && said && week) {
            const drawn = new DOMParser().parseFromString(said.html, 'text/html').querySelector('[data-week]');
            if (drawn) week.replaceWith(document.adoptNode(drawn));
            document.getElementById(card.id)?.focus();
        } else card.style.transform = '';
        if (told) told.textContent = said?.message ?? '';
    }

    page.addEventListener('keydown', (event) => {
        const card = cardOf(event);
        if (!card || !(event instanceof KeyboardEvent) || event.ctrlKey || event.metaKey || event.altKey) return;
        const on = card.dataset.on ?? '';
        const minute = Number(card.dataset.minute);
        /** @type {Record<string, Record<string, string | number>>} */
        const changes = {
            ArrowUp: { on, at: clock(onTheGrid(minute - SLOT_MINUTES)) },
            ArrowDown: { on, at: clock(onTheGrid(minute + SLOT_MINUTES)) },
            ArrowLeft: { on: daysLater(on, -1), at: clock(onTheGrid(minute)) },
            ArrowRight: { on: daysLater(on, 1), at: clock(onTheGrid(minute)) },
            p: { pinned: card.dataset.pinned === '1' ? 0 : 1 },
        };
        const change = changes[event.key.length === 1 ? event.key.toLowerCase() : event.key];
        if (!change) return;
        event.preventDefault();
        void move(card, change);
    });

    page.addEventListener('pointerdown', (event) => {
        const card = cardOf(event);
        if (!card || !(event instanceof PointerEvent) || event.button !== 0 || !isGrid()) return;
        const from = { x: event.clientX, y: event.clientY, inCard: event.clientY - card.getBoundingClientRect().top };
        let isDragged = false;
        /** @param {PointerEvent} now */
        const follow = (now) => {
            isDragged ||= Math.hypot(now.clientX - from.x, now.clientY - from.y) > DRAGGED;
            if (!isDragged) return;
            card.classList.add('is-dragged');
            card.style.transform = `translate(${now.clientX - from.x}px, ${now.clientY - from.y}px)`;
        };
        /** @param {PointerEvent} now */
        const drop = (now) => {
            end();
            if (!isDragged) return;
            // what follows a drag is no click on the link
            card.addEventListener('click', (click) => click.preventDefault(), { once: true });
            const place = placeAt(now, from.inCard);
            if (place) void move(card, place);
            else card.style.transform = '';
        };
        const end = () => {
            card.classList.remove('is-dragged');
            document.removeEventListener('pointermove', follow);
            document.removeEventListener('pointerup', drop);
            document.removeEventListener('pointercancel', cancel);
        };
        const cancel = () => {
            end();
            card.style.transform = '';
        };
        document.addEventListener('pointermove', follow);
        document.addEventListener('pointerup', drop);
        document.addEventListener('pointercancel', cancel);
    });

    /** @param {PointerEvent} at @param {number} inCard */
    function placeAt(at, inCard) {
        for (const day of /** @type {NodeListOf<HTMLElement>} */ (page.querySelectorAll('[data-day]'))) {
            const hours = day.querySelector('[data-hours]');
            const box = hours?.getBoundingClientRect();
            if (!hours || !box || at.clientX < box.left || at.clientX >= box.right) continue;
            const slot = parseFloat(getComputedStyle(hours).getPropertyValue('--slot-height'));
            const first = Number(/** @type {HTMLElement | null} */ (page.querySelector('[data-week]'))?.dataset.first);
            return { on: day.dataset.day ?? '', at: clock(minuteAt(at.clientY - inCard - box.top, slot, first)) };
        }
        return null;
    }

    /** Below each other, on a phone, days are not dragged over. */
    function isGrid() {
        const clockColumn = page.querySelector('.week-clock');
        return clockColumn !== null && getComputedStyle(clockColumn).display !== 'none';
    }

    /** @param {Event} event */
    function cardOf(event) {
        return event.target instanceof Element ? /** @type {HTMLElement | null} */ (event.target.closest('[data-appointment]')) : null;
    }
}
