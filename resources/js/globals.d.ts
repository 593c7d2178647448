declare module 'htmx.org';

interface DocumentEventMap {
    'htmx:configRequest': CustomEvent;
}

declare module '*?worker&url' {
    const url: string;
    export default url;
}

/* The audio thread's own world. */
declare const sampleRate: number;
declare const currentFrame: number;
declare class AudioWorkletProcessor {
    readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: new () => AudioWorkletProcessor): void;
