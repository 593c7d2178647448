import { defineConfig } from '@playwright/test';

const DESK = { viewport: { width: 1280, height: 800 } };

export default defineConfig({
    testDir: 'tests/Browser',
    workers: 1,
    // a browser may hang while it is closed, on a machine that is short of everything: one more try, and the list says "flaky"
    retries: 1,
    // a shared machine may be several times slower than a quiet one
    timeout: 180_000,
    expect: { timeout: 15_000 },
    reporter: [['list']],
    use: {
        baseURL: process.env.WHEATEAR_URL ?? 'http://127.0.0.1:8134',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
        trace: 'off',
        actionTimeout: 30_000,
        // a color on its way to another is no color that anybody reads
        contextOptions: { reducedMotion: 'reduce' },
    },
    projects: [
        { name: 'desktop', testIgnore: ['words.spec.js', 'accessible.spec.js'], use: DESK },
        // the office has a phone of its own
        {
            name: 'phone',
            testIgnore: ['words.spec.js', 'office.spec.js'],
            use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
        },
        { name: 'screens', testMatch: 'accessible.spec.js', use: DESK },
        // last, as it takes out what users wrote
        { name: 'words', testMatch: 'words.spec.js', use: DESK },
    ],
});
