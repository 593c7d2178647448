import './app.js';
import { mountWeek } from './week/week.js';

mountWeek(document);
document.querySelector('[data-print]')?.addEventListener('click', () => print());
