import { say } from '../words.js';

const SVG = 'http://www.w3.org/2000/svg';

/** What can be dragged: its field, the way it goes, and to which side of it its label stands. */
const HANDLES = /** @type {const} */ ([
    ['path', 'ahead', 'middle'],
    ['left', 'sideways', 'end'],
    ['right', 'sideways', 'start'],
    ['depth', 'ahead', 'middle'],
    ['cover', 'behind', 'middle'],
    ['exit', 'sideways', 'middle'],
]);

/**
 * The place from above. Things are dragged or moved by arrows; the fields are the truth, and the server works out the numbers.
 *
 * @param {HTMLFormElement} form
 */
export function mountSketch(form) {
    const drawing = /** @type {SVGSVGElement} */ (form.querySelector('[data-drawing]'));
    const perMeter = Number(form.dataset.perMeter);
    const field = (/** @type {string} */ name) => /** @type {HTMLInputElement} */ (form.elements.namedItem(name));
    const meters = (/** @type {string} */ name) => Number(field(name).value.replace(',', '.')) / perMeter;
    /** @type {AbortController | null} */
    let asking = null;
    let extent = 0;

    const draw = (isFitted = true) => {
        const [path, left, right, depth, cover, exit] = HANDLES.map(([name]) => meters(name));
        const limit = Number(form.dataset.limit) || 0;
        const farthest = Number(form.dataset.farthest) || limit;
        if (isFitted)
            extent = Math.max(
                12,
                1.25 * path,
                1.1 * Math.min(farthest, 2 * path),
                1.15 * Math.abs(exit),
                1.15 * Math.abs(left),
                1.15 * Math.abs(right),
            );
        drawing.setAttribute(
            'viewBox',
            `${-1.15 * extent} ${-1.1 * extent} ${2.3 * extent} ${1.1 * extent + Math.max(0.2 * extent, 1.3 * cover)}`,
        );
        drawing.replaceChildren();
        const unit = extent / 100;
        /** @param {string} tag @param {Record<string, string | number>} set @param {Element} [into] */
        const add = (tag, set, into = drawing) => {
            const element = document.createElementNS(SVG, tag);
            for (const [key, value] of Object.entries(set)) element.setAttribute(key, String(value));
            into.append(element);
            return element;
        };
        if (limit) {
            const nearest = Number(form.dataset.nearest) || limit;
            for (let i = 0; i < 6; i++)
                add('circle', { class: 'limit-soft', r: nearest + ((Math.min(farthest, 3 * limit) - nearest) * (i + 1)) / 6 });
        }
        const [seenLeft, seenRight] = [(left * path) / depth, (right * path) / depth];
        add('path', { class: 'sight', d: `M0 0 L${seenLeft} ${-path} L${seenRight} ${-path} Z` });
        if (limit) add('circle', { class: 'limit-ring', r: limit, 'stroke-width': 1.2 * unit });
        add('line', { class: 'wall', x1: -3 * extent, y1: -depth, x2: left, y2: -depth, 'stroke-width': 2.5 * unit });
        add('line', { class: 'wall', x1: right, y1: -depth, x2: 3 * extent, y2: -depth, 'stroke-width': 2.5 * unit });
        add('line', { class: 'seen', x1: seenLeft, y1: -path, x2: seenRight, y2: -path, 'stroke-width': 2.2 * unit });
        add('circle', { class: 'dog-dot', r: 2.2 * unit });
        const places = {
            path: [-0.8 * extent, -path],
            left: [left, -depth],
            right: [right, -depth],
            depth: [-0.8 * extent, -depth],
            cover: [0, cover],
            exit: [exit, 0],
        };
        add('line', { class: 'path-line', x1: -3 * extent, y1: -path, x2: 3 * extent, y2: -path, 'stroke-width': 0.8 * unit });
        add('line', { class: 'path-line', x1: 0, y1: 0, x2: exit, y2: 0, 'stroke-width': 0.5 * unit });
        for (const [name, way, side] of HANDLES) {
            const [x, y] = places[name];
            const handle = add('g', {
                class: 'handle',
                tabindex: 0,
                role: 'slider',
                'aria-label': say(`map.${name}.name`),
                'aria-valuenow': field(name).value,
                'aria-valuetext': `${field(name).value}`,
                'data-handle': name,
            });
            // as wide as a finger, though it looks smaller
            add('circle', { class: 'reach', cx: x, cy: y, r: 8 * unit }, handle);
            add('circle', { cx: x, cy: y, r: 4.2 * unit, 'stroke-width': unit }, handle);
            add('text', { x, y: y - 6 * unit, 'font-size': 5.4 * unit, 'text-anchor': side }, handle).textContent = say(
                `map.${name}.label`,
            );
            handle.addEventListener('pointerdown', (event) => drag(/** @type {PointerEvent} */ (event), name, way));
            handle.addEventListener('keydown', (event) => press(/** @type {KeyboardEvent} */ (event), name, way));
        }
    };

    /** @param {string} name @param {number} value in meters */
    const put = (name, value) => {
        field(name).value = String(Math.round(value * perMeter * 10) / 10);
        const focused = document.activeElement?.getAttribute('data-handle');
        draw(false);
        if (focused) /** @type {SVGElement | null} */ (drawing.querySelector(`[data-handle="${focused}"]`))?.focus();
        ask();
    };

    /** @param {PointerEvent} event @param {string} name @param {string} way */
    const drag = (event, name, way) => {
        event.preventDefault();
        const move = (/** @type {PointerEvent} */ moved) => {
            const matrix = drawing.getScreenCTM();
            if (!matrix) return;
            const at = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(matrix.inverse());
            put(name, way === 'sideways' ? at.x : Math.max(0, way === 'ahead' ? -at.y : at.y));
        };
        const stop = () => {
            removeEventListener('pointermove', move);
            draw();
        };
        addEventListener('pointermove', move);
        addEventListener('pointerup', stop, { once: true });
    };

    /** @param {KeyboardEvent} event @param {string} name @param {string} way */
    const press = (event, name, way) => {
        const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
        if (!step) return;
        event.preventDefault();
        const sign = way === 'behind' && (event.key === 'ArrowUp' || event.key === 'ArrowDown') ? -1 : 1;
        put(name, meters(name) + sign * step * (event.shiftKey ? 5 : 0.5));
    };

    /** The newest question counts: one that is still open is given up. */
    const ask = async () => {
        asking?.abort();
        asking = new AbortController();
        const query = new URLSearchParams(
            [...new FormData(form)]
                .filter(([key]) => !key.startsWith('_') && !key.startsWith('passes'))
                .map(([key, value]) => [key, String(value)]),
        );
        try {
            const answer = await fetch(`${form.dataset.numbersUrl}?${query}`, {
                signal: asking.signal,
                headers: { Accept: 'application/json' },
            });
            const box = form.querySelector('[data-numbers-box]');
            if (!box) return;
            if (answer.ok) box.innerHTML = await answer.text();
            else if (answer.status === 422)
                box.replaceChildren(
                    Object.assign(document.createElement('p'), {
                        className: 'text-danger fw-bold',
                        textContent: Object.values((await answer.json()).errors)
                            .flat()
                            .join(' '),
                    }),
                );
        } catch {
            // given up for a newer one, or no network: the numbers stay as they are
        }
    };

    for (const input of form.querySelectorAll('input')) {
        input.addEventListener('input', () => {
            draw();
            ask();
        });
    }
    draw();
}
