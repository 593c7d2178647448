import { IntlMessageFormat } from 'intl-messageformat';

const PSEUDO = 'qps';

/** What the page ships: the reader's language and the messages of this device, in ICU syntax. */
const shipped = globalThis.document?.getElementById('device-words')?.textContent;
/** @type {{language: string, messages: any}} */
const { language, messages } = shipped ? JSON.parse(shipped) : { language: 'en', messages: {} };

/**
 * A message in the reader's language; its key where there is none.
 *
 * @param {string} key such as "fallback.easier"
 * @param {Record<string, string | number | boolean>} [facts] by name
 * @returns {string}
 */
export function say(key, facts = {}) {
    const message = key.split('.').reduce((found, part) => found?.[part], messages);
    if (typeof message !== 'string') return key;
    const told = Object.fromEntries(
        Object.entries(facts).map(([name, fact]) => [name, typeof fact === 'boolean' ? (fact ? 'yes' : 'no') : fact]),
    );
    const said = message.includes('{')
        ? String(new IntlMessageFormat(message, language === PSEUDO ? 'en' : language).format(told))
        : message;
    return language === PSEUDO ? `⟦${said}${'·'.repeat(Math.ceil(said.length / 3)).replace(/·{8}(?=·)/g, '$& ')}⟧` : said;
}
