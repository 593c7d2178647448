/** Minutes of a slot, and the slots of a day, as the server has them. */
export const SLOT_MINUTES = 15;
const FIRST_MINUTE = 360;
const LAST_MINUTE = 1275;

/**
 * A minute of the day on the grid: the nearest quarter hour from 6:00 to 21:15.
 *
 * @param {number} minute
 */
export function onTheGrid(minute) {
    return Math.min(LAST_MINUTE, Math.max(FIRST_MINUTE, Math.round(minute / SLOT_MINUTES) * SLOT_MINUTES));
}

/**
 * Where a card goes that is dropped so far below the top of a day.
 *
 * @param {number} pixels
 * @param {number} slotPixels height of a quarter hour
 * @param {number} firstSlot that is shown
 */
export function minuteAt(pixels, slotPixels, firstSlot) {
    return onTheGrid(FIRST_MINUTE + (firstSlot + Math.round(pixels / slotPixels)) * SLOT_MINUTES);
}

/** "09:15" @param {number} minute */
export function clock(minute) {
    return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}

/** @param {string} on "2026-11-30" @param {number} days */
export function daysLater(on, days) {
    const date = new Date(`${on}T12:00:00Z`);
    date.setUTCDate(date.getUTCDate() + days);
    return date.toISOString().slice(0, 10);
}
