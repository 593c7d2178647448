import { mountWaiting } from './device/waiting.js';
import { mountAdding } from './film/adding.js';
import { Film } from './film/film.js';
import { mountMenus } from './menu.js';

mountWaiting(document.body);
mountMenus(document);

const adding = document.querySelector('[data-add-film]');
if (adding instanceof HTMLFormElement) mountAdding(adding);
const film = document.querySelector('[data-film]');
if (film instanceof HTMLElement) new Film(film);
