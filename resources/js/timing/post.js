/**
 * @param {HTMLElement} root with the page's token
 * @param {string} url
 * @param {unknown} body
 * @returns {Promise<{isGood: boolean, status: number, body: any}>} status 0 and body null where nobody answered
 */
export async function post(root, url, body) {
    try {
        const answer = await fetch(url, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': root.dataset.token ?? '' },
            body: JSON.stringify(body),
        });
        return { isGood: answer.ok, status: answer.status, body: await answer.json() };
    } catch {
        return { isGood: false, status: 0, body: null };
    }
}
