/**
 * @typedef {{uuid: string, kind: string, at: number, day: string, homework?: number, answer?: string, of?: string, off?: string,
 *   sent?: boolean}} Entry
 * @typedef {{planned: number, done: number, wrong: boolean}} Task
 * @typedef {{day: string, known: string[], tasks: Record<string, Task>}} State
 */

const ALARMS = ['too_much', 'growl', 'stiff', 'bite'];

/**
 * Tasks as they stand with what this device has tapped: a page that was kept from another day begins at nothing.
 * @param {State} state as the server told it
 * @param {Entry[]} entries in the order they were tapped
 * @param {string} today as 2026-11-24
 * @returns {Record<string, Task>}
 */
export function tasksNow(state, entries, today) {
    /** @type {Record<string, Task>} */
    const tasks = {};
    for (const [id, task] of Object.entries(state.tasks))
        tasks[id] = state.day === today ? { ...task } : { planned: task.planned, done: 0, wrong: false };
    const out = new Set(entries.filter(({ kind }) => kind === 'undo').map((entry) => entry.of));
    const known = new Set(state.known);
    for (const { uuid, kind, homework, answer, day } of entries) {
        const task = tasks[String(homework)];
        if (kind !== 'rep' || !task || day !== today) continue;
        // taken back after the server had counted it
        if (out.has(uuid)) {
            if (known.has(uuid) && state.day === today) task.done = Math.max(0, task.done - 1);
            continue;
        }
        if (known.has(uuid) && state.day === today) continue;
        task.done += 1;
        task.wrong ||= ALARMS.includes(answer ?? '');
    }
    return tasks;
}

/**
 * The last tap of a task that can be taken back: what went wrong cannot.
 * @param {Entry[]} entries @param {number} homework @param {string} today
 * @returns {Entry | undefined}
 */
export function lastTap(entries, homework, today) {
    const out = new Set(entries.filter(({ kind }) => kind === 'undo').map((entry) => entry.of));
    const last = entries
        .filter((entry) => entry.kind === 'rep' && entry.homework === homework && entry.day === today && !out.has(entry.uuid))
        .at(-1);
    return last && !ALARMS.includes(last.answer ?? '') ? last : undefined;
}

/**
 * What is still worth keeping: all that is not sent, and what was tapped today.
 * @param {Entry[]} entries @param {string} today
 */
export const worthKeeping = (entries, today) => entries.filter(({ sent, day }) => !sent || day === today);
