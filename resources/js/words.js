import { MessageFormatter, pluralTypeHandler, selectTypeHandler } from '@ultraq/icu-message-formatter';

const PSEUDO = 'qps';

/** What the page ships: the reader's language and the messages of this device, in ICU syntax. */
const shipped = globalThis.document?.getElementById('device-words')?.textContent;
/** @type {{language: string, messages: any}} */
const { language, messages } = shipped ? JSON.parse(shipped) : { language: 'en', messages: {} };

const formatter = new MessageFormatter(language === PSEUDO ? 'en' : language, {
    plural: pluralTypeHandler,
    select: selectTypeHandler,
    /** @type {(value: any, options: string, locale: string) => string} */
    number: (value, _, locale) => new Intl.NumberFormat(locale).format(value),
});

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
    const said = message.includes('{') ? formatted(message, told) : message;
    return language === PSEUDO ? `⟦${said}${'·'.repeat(Math.ceil(said.length / 3)).replace(/·{8}(?=·)/g, '$& ')}⟧` : said;
}

/**
 * @param {string} message in ICU syntax
 * @param {Record<string, string | number>} facts
 * @returns {string}
 */
export function formatted(message, facts) {
    return formatter.format(message, facts);
}
