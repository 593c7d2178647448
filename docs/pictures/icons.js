// Draws the icons of an installed page from the favicon: node docs/pictures/icons.js
import { mkdirSync, readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
mkdirSync('public/icons', { recursive: true });
for (const size of [192, 512]) {
    const page = await browser.newPage({ viewport: { width: size, height: size } });
    const drawn = readFileSync('public/favicon.svg', 'utf8').replace('<svg ', `<svg width="${size}" height="${size}" `);
    // whole to the edges, so that a system may cut it in its own shape
    await page.setContent(`<body style="margin:0;background:#26323c">${drawn}</body>`);
    await page.screenshot({ path: `public/icons/${size}.png` });
}
await browser.close();
