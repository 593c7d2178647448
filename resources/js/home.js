import { HelperScreen } from './home/helper.js';
import { HomeScreen } from './home/screen.js';

if ('serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => undefined);
const root = document.querySelector('[data-home]');
if (root instanceof HTMLElement) new HomeScreen(root).start();
const helper = document.querySelector('[data-helper-screen]');
if (helper instanceof HTMLElement) new HelperScreen(helper).start();
