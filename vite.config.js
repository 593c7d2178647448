import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { PurgeCSS } from 'purgecss';
import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

/**
 * Leaves out of the styles what no page, script or component names; before their file is named after what it holds.
 *
 * @type {import('vite').CSSOptions['postcss']}
 */
const shaken = {
    plugins: [
        {
            postcssPlugin: 'shake-styles',
            async OnceExit(root) {
                const [{ rejected }] = await new PurgeCSS().purge({
                    content: ['resources/views/**/*.php', 'resources/js/**/*.js', 'app/View/**/*.php'],
                    css: [{ raw: root.toString() }],
                    // put together from numbers and keys where they are used
                    safelist: { greedy: [/^(band|level|state|mark|curve|cover|at|long|rows|lane)-/, /^[wm]\d+$/, /data-bs-theme/] },
                    rejected: true,
                });
                const unused = new Set((rejected ?? []).map((selector) => selector.trim()));
                root.walkRules((rule) => {
                    const used = rule.selectors.filter((selector) => !unused.has(selector.trim()));
                    if (used.length === 0) rule.remove();
                    else if (used.length < rule.selectors.length) rule.selectors = used;
                });
                root.walkAtRules((rule) => {
                    if (rule.nodes?.length === 0) rule.remove();
                });
            },
        },
    ],
};

/**
 * Beside each file its packed form, as small as it gets: the web server sends it as it is.
 *
 * @type {import('vite').Plugin}
 */
const packed = {
    name: 'packed',
    async writeBundle({ dir }, bundle) {
        for (const name of Object.keys(bundle).filter((one) => /\.(js|css)$/.test(one))) {
            const path = join(dir ?? '', name);
            await writeFile(`${path}.gz`, gzipSync(await readFile(path), { level: 9 }));
        }
    },
};

export default defineConfig({
    plugins: [
        laravel({
            input: [
                'resources/fonts/plain-400.woff2',
                'resources/fonts/plain-700.woff2',
                'resources/css/app.scss',
                'resources/js/app.js',
                'resources/js/session.js',
                'resources/js/free.js',
                'resources/js/home.js',
                'resources/js/week.js',
                'resources/js/timing.js',
                'resources/js/film.js',
            ],
            refresh: false,
        }),
        packed,
    ],
    // the content security policy knows no data: scripts or fonts
    build: { assetsInlineLimit: 0 },
    css: {
        postcss: shaken,
        preprocessorOptions: {
            scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
        },
    },
});
