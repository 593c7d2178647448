/**
 * Asks one question after the other: what is asked meanwhile is asked once more afterward, with all that was done until then.
 *
 * @param {() => Promise<void>} ask
 * @returns {() => Promise<void>}
 */
export function oneAtATime(ask) {
    let isAsking = false;
    let isWanted = false;
    return async function next() {
        if (isAsking) {
            isWanted = true;
            return;
        }
        isAsking = true;
        try {
            await ask();
        } finally {
            isAsking = false;
        }
        if (isWanted) {
            isWanted = false;
            await next();
        }
    };
}
