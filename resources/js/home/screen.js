import { jsonRequest } from '../device/json-request.js';
import { lastTap, tasksNow, worthKeeping } from './model.js';

/** @typedef {import('./model.js').Entry} Entry */

const AGAIN_AFTER = 10_000;

/** The page of a home: a tap is on this device before anything moves, and sent when it can be. */
export class HomeScreen {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        this.path = root.dataset.home ?? '';
        /** @type {import('./model.js').State & {zone: string}} */
        this.state = JSON.parse(root.dataset.state ?? '{}');
        /** @type {Entry[]} */
        this.entries = [];
        /** @type {Map<HTMLElement, number>} clocks that run, since when */
        this.clocks = new Map();
        /** @type {Map<number, number>} seconds held, for the next answer of a task */
        this.held = new Map();
        this.isSending = false;
    }

    start() {
        this.read();
        this.root.addEventListener('submit', (event) => this.submitted(event));
        for (const button of this.all('[data-hold]')) {
            button.hidden = false;
            button.addEventListener('click', () => this.hold(button));
        }
        for (const button of this.all('[data-undo]')) button.addEventListener('click', () => this.undo(this.taskOf(button)));
        addEventListener('storage', () => {
            this.read();
            this.render();
        });
        addEventListener('online', () => void this.send());
        document.addEventListener('visibilitychange', () => void this.send());
        setInterval(() => this.tick(), 500);
        setInterval(() => void this.send(), AGAIN_AFTER);
        this.render();
        this.root.dataset.ready = '1';
        void this.send();
    }

    /** @param {SubmitEvent} event */
    submitted(event) {
        const form = event.target;
        if (!(form instanceof HTMLFormElement) || !form.matches('[data-entry]')) return;
        event.preventDefault();
        const { _token, uuid, language, ...told } = Object.fromEntries(new FormData(form, event.submitter));
        const homework = Number(told.homework);
        this.keep({
            .../** @type {any} */ (told),
            ...(told.homework ? { homework } : {}),
            ...(this.held.has(homework) ? { seconds: this.held.get(homework) } : {}),
        });
        this.held.delete(homework);
        form.reset();
        const kept = form.querySelector('[data-kept]');
        if (kept instanceof HTMLElement) kept.hidden = false;
        if (told.kind === 'message') form.closest('details')?.removeAttribute('open');
    }

    /** @param {Omit<Entry, 'uuid' | 'at' | 'day'>} told */
    keep(told) {
        this.read();
        this.entries.push({ ...told, uuid: crypto.randomUUID(), at: Date.now(), day: this.today() });
        this.write();
        this.render();
        void this.send();
    }

    /** @param {number} homework */
    undo(homework) {
        const last = lastTap(this.entries, homework, this.today());
        if (last) this.keep({ kind: 'undo', of: last.uuid });
    }

    /** @param {HTMLElement} button */
    hold(button) {
        const since = this.clocks.get(button);
        if (since === undefined) {
            this.clocks.set(button, Date.now());
            this.held.delete(this.taskOf(button));
        } else {
            this.clocks.delete(button);
            this.held.set(this.taskOf(button), Math.round((Date.now() - since) / 100) / 10);
        }
        this.tick();
    }

    tick() {
        for (const button of this.all('[data-hold]')) {
            const since = this.clocks.get(button);
            const held = this.held.get(this.taskOf(button));
            const { start = '', stop = '', unit = '' } = button.dataset;
            const words =
                since !== undefined
                    ? `${stop} · ${Math.floor((Date.now() - since) / 1000)} ${unit}`
                    : held === undefined
                      ? start
                      : `${start} · ${held} ${unit}`;
            if (button.textContent !== words) button.textContent = words;
        }
    }

    async send() {
        this.read();
        const waiting = this.entries.filter(({ sent }) => !sent);
        if (waiting.length === 0 || this.isSending) return;
        this.isSending = true;
        try {
            const answer = await fetch(
                this.path,
                jsonRequest('POST', { entries: waiting.slice(0, 100).map((entry) => ({ ...entry, sent_at: Date.now() })) }),
            );
            if (answer.status === 401 || answer.status === 419) return this.status(this.root.dataset.signIn);
            if (answer.status === 410) return this.status(this.root.dataset.gone);
            if (!answer.ok) return this.status(this.root.dataset.waits);
            const { receipts } = await answer.json();
            this.read();
            const done = new Map(receipts.map((/** @type {{uuid: string}} */ one) => [one.uuid, one]));
            this.entries = this.entries
                .filter(({ uuid }) => done.get(uuid)?.result !== 'refused')
                .map((entry) => (done.has(entry.uuid) ? { ...entry, sent: true } : entry));
            this.write();
            const refused = receipts.find((/** @type {{result: string}} */ one) => one.result === 'refused');
            this.render();
            this.status(refused?.message ?? this.root.dataset.saved);
        } catch {
            this.status(this.root.dataset.waits);
        } finally {
            this.isSending = false;
        }
    }

    render() {
        const tasks = tasksNow(this.state, this.entries, this.today());
        const off = this.entries.filter(({ kind, day }) => kind === 'day' && day === this.today()).at(-1);
        for (const box of this.all('[data-task]')) {
            const task = tasks[box.dataset.task ?? ''];
            if (!task) continue;
            const isOver = task.wrong || task.done >= task.planned;
            this.show(box, '[data-open]', !isOver);
            this.show(box, '[data-over]', isOver && !task.wrong);
            this.show(box, '[data-stopped]', task.wrong);
            this.show(box, '[data-wrong]', !task.wrong);
            this.show(box, '[data-undo]', lastTap(this.entries, Number(box.dataset.task), this.today()) !== undefined);
            const done = box.querySelector('[data-done]');
            // the sentence is the server's: its first number is what was done
            if (done) done.textContent = (done.textContent ?? '').replace(/\d+/, String(task.done));
            box.dataset.count = String(task.done);
        }
        if (off) {
            this.show(this.root, '[data-off]', true);
            this.show(this.root, '[data-days-off]', false);
            for (const words of this.all('[data-off-as]')) words.hidden = words.dataset.offAs !== off.off;
        }
        this.root.dataset.waiting = String(this.entries.filter(({ sent }) => !sent).length);
    }

    /** @param {string} [words] */
    status(words = '') {
        const line = this.root.querySelector('[data-status]');
        if (line) line.textContent = words;
    }

    /** @param {HTMLElement} within @param {string} selector @param {boolean} isShown */
    show(within, selector, isShown) {
        const found = within.querySelector(selector);
        if (found instanceof HTMLElement) found.hidden = !isShown;
    }

    /** The day at the practice, which is what days are counted by. */
    today() {
        return new Intl.DateTimeFormat('sv-SE', { timeZone: this.state.zone, dateStyle: 'short' }).format(new Date());
    }

    read() {
        try {
            this.entries = worthKeeping(JSON.parse(localStorage.getItem(this.key()) ?? '[]'), this.today());
        } catch {
            this.entries = [];
        }
    }

    write() {
        localStorage.setItem(this.key(), JSON.stringify(this.entries));
    }

    key() {
        return `home ${this.path}`;
    }

    /** @param {HTMLElement} within */
    taskOf(within) {
        return Number(/** @type {HTMLElement | null} */ (within.closest('[data-task]'))?.dataset.task);
    }

    /** @param {string} selector @returns {HTMLElement[]} */
    all(selector) {
        return [...this.root.querySelectorAll(selector)].filter((found) => found instanceof HTMLElement);
    }
}
