declare module 'htmx.org';

interface DocumentEventMap {
    'htmx:configRequest': CustomEvent;
}
