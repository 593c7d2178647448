/**
 * The value for the X-XSRF-TOKEN header, from the cookies as the browser shows them.
 * @param {string} cookies
 * @returns {string} empty if there is none
 */
export function securityToken(cookies) {
    const found = cookies.split('; ').find((cookie) => cookie.startsWith('XSRF-TOKEN='));
    return found ? decodeURIComponent(found.slice('XSRF-TOKEN='.length)) : '';
}
