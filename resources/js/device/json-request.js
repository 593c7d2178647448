import { securityToken } from './security-token.js';

/** A network that takes longer has gone. */
const PATIENCE = 15_000;

/**
 * What is sent to the application and answered in JSON: with the token of this device's sign-in, and not waited for without end.
 *
 * @param {'POST' | 'PUT'} method
 * @param {unknown} payload
 * @returns {RequestInit}
 */
export const jsonRequest = (method, payload) => ({
    method,
    credentials: 'same-origin',
    signal: AbortSignal.timeout(PATIENCE),
    headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': securityToken(document.cookie) },
    body: JSON.stringify(payload),
});
