import { elapsed } from './clock.js';
import { say } from '../words.js';

/** Shows a session: what is due, how far the run is, what was logged, what waits to be sent. */
export class View {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
    }

    /** @param {string} name @returns {HTMLElement[]} */
    all(name) {
        return /** @type {HTMLElement[]} */ ([...this.root.querySelectorAll(`[data-${name}]`)]);
    }

    /** @param {string} name @param {string} text */
    put(name, text) {
        for (const element of this.all(name)) if (element.textContent !== text) element.textContent = text;
    }

    /**
     * @param {{action: string, label: string, next: {words: string, detail?: string, values?: Record<string, unknown>} | null}} advice
     * @param {{code: string, sentence: string}[]} reasons
     * @param {boolean} isHere whether we are where it says: said once, by what is shown of here
     */
    advice(advice, reasons, isHere) {
        const card = this.all('advice')[0];
        if (card) {
            card.dataset.action = advice.action;
            card.dataset.meters = String(advice.next?.values?.distance ?? 0);
        }
        this.put('advice-label', advice.label);
        this.put('advice-next', advice.next ? advice.next.words : '');
        this.put('advice-detail', isHere ? '' : (advice.next?.detail ?? ''));
        this.put('first-reason', reasons[0]?.sentence ?? '');
        const list = this.all('reasons')[0];
        list?.replaceChildren(
            ...reasons.map(({ code, sentence }) => {
                const item = Object.assign(document.createElement('li'), { textContent: sentence });
                item.dataset.reason = code;
                return item;
            }),
        );
    }

    /** @param {any} risk of the advice, or null */
    risk(risk) {
        const box = this.all('risk')[0];
        if (!box) return;
        box.hidden = !risk;
        for (const kind of ['strain', 'reaction']) {
            if (!risk) continue;
            const { mean, bound, limit, words } = risk[kind];
            const bar = this.all(`risk-${kind}`)[0];
            // twelve widths, so that no inline style is needed: the limit sits at two thirds
            if (bar) bar.className = `w${Math.min(12, Math.round((bound / limit) * 8))} m${Math.min(12, Math.round((mean / limit) * 8))}`;
            this.put(`risk-${kind}-words`, words);
        }
    }

    /**
     * @param {{aim: string, change: string, dimension: string, choice: string, helped: number}[]} others
     * @param {string} chosen aim
     * @param {(other: {aim: string, dimension: string, choice: string}) => void} choose
     */
    others(others, chosen, choose) {
        const box = this.all('others')[0];
        if (!box) return;
        box.hidden = others.length === 0;
        box.replaceChildren(
            ...(others.length ? [Object.assign(document.createElement('p'), { className: 'm-0', textContent: say('or') })] : []),
            ...others.map((other) => {
                const button = document.createElement('button');
                button.type = 'button';
                button.className = 'btn btn-outline-secondary btn-sm';
                button.textContent = other.helped ? say('helped', { change: other.change, count: other.helped }) : other.change;
                button.setAttribute('aria-pressed', String(chosen === other.aim));
                button.addEventListener('click', () => choose(other));
                return button;
            }),
        );
    }

    /** @param {{done: number, asked: number} | null} run */
    pips(run) {
        const list = this.all('pips')[0];
        if (!list) return;
        list.hidden = !run;
        list.setAttribute('aria-label', say('run', { hasRun: run !== null, done: run?.done ?? 0, asked: run?.asked ?? 0 }));
        list.replaceChildren(
            ...Array.from({ length: run?.asked ?? 0 }, (_, i) =>
                Object.assign(document.createElement('li'), { className: i < (run?.done ?? 0) ? 'on' : '' }),
            ),
        );
    }

    /** @param {{band: number, isWaiting: boolean}[]} trials @param {number} count */
    latest(trials, count) {
        for (const list of this.all('latest')) {
            list.replaceChildren(
                ...trials.map(({ band, isWaiting }) => {
                    const item = document.createElement('li');
                    item.className = isWaiting ? 'waiting' : '';
                    item.dataset.band = String(band);
                    const name = isWaiting ? say('band_waiting', { band: say(`bands.${band}`) }) : say(`bands.${band}`);
                    item.innerHTML = `<svg class="band-glyph" role="img" aria-label="${name}"><use href="#band-${band}"/></svg>`;
                    return item;
                }),
            );
        }
        this.put('count', String(count));
        this.put('trials-word', say('trials', { count }));
        this.put('reps-word', say('reps', { count }));
        this.root.dataset.count = String(count);
    }

    /** @param {{startedAt: number, setStartedAt: number | null}} state @param {number} now */
    clocks(state, now) {
        this.put('clock-session', elapsed(state.startedAt, now));
        this.put('clock-set', elapsed(state.setStartedAt ?? state.startedAt, now));
    }
}
