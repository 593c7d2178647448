const WIDTH = 1000;
const LANE = 14;
/** Lanes from above: trials of the session, trials, what happened, then the parts. */
const TOP = 42;

/**
 * Draws what was told from the start of a film to its end.
 *
 * @param {SVGElement} svg @param {import('./told.js').Seen} seen @param {{part: string, states: string[]}[]} parts
 * @param {{number: number, at: number}[]} session
 */
export function drawStrip(svg, seen, parts, session) {
    const x = (/** @type {number} */ at) => ((WIDTH * at) / seen.length).toFixed(1);
    svg.setAttribute('viewBox', `0 0 ${WIDTH} ${TOP + LANE * parts.length}`);
    const drawn = [
        ...session.map(({ at }) => shape('line', { class: 'film-tick', x1: x(at), x2: x(at), y1: 0, y2: 9 })),
        ...seen.trials.map(({ from, until, band }) =>
            shape('rect', { class: `film-trial band-${band}`, x: x(from), y: 11, width: Number(x(until)) - Number(x(from)), height: 13 }),
        ),
        ...seen.happenings.map(({ what, at }) =>
            shape('line', { class: 'film-happening', x1: x(at), x2: x(at), y1: 26, y2: what === 'mark' ? 40 : 35 }),
        ),
    ];
    parts.forEach(({ part, states }, lane) => {
        const told = seen.states.filter((one) => one.part === part);
        told.forEach(({ state, at }, i) => {
            const until = told[i + 1]?.at ?? seen.length;
            // the first state of a part is the darkest
            const share = 1 - states.indexOf(state) / states.length;
            const place = { x: x(at), width: Number(x(until)) - Number(x(at)), y: TOP + LANE * lane + 1, height: LANE - 2 };
            drawn.push(shape('rect', { class: 'film-state', 'fill-opacity': (0.1 + 0.7 * share).toFixed(2), ...place }));
        });
    });
    drawn.push(shape('line', { class: 'film-head', 'data-head': '', y1: 0, y2: TOP + LANE * parts.length }));
    svg.replaceChildren(...drawn);
}

/** @param {SVGElement} svg @param {number} share of the film */
export function drawHead(svg, share) {
    const head = svg.querySelector('[data-head]');
    for (const end of ['x1', 'x2']) head?.setAttribute(end, (WIDTH * share).toFixed(1));
}

/** @param {string} name @param {Record<string, string | number>} attributes */
function shape(name, attributes) {
    const made = document.createElementNS('http://www.w3.org/2000/svg', name);
    for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
    return made;
}
