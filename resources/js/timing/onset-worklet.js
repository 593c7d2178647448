import { Onset } from './onset.js';

/** Blocks of 128 samples between two words about the time. */
const EVERY = 8;

/* The audio thread: tells the page at which second of its clock something was heard, and often what that clock says. */
registerProcessor(
    'onset',
    class extends AudioWorkletProcessor {
        constructor() {
            super();
            this.onset = new Onset(sampleRate);
            this.start = -1;
            this.blocks = 0;
        }

        /** @param {Float32Array[][]} inputs @returns {boolean} */
        process([input]) {
            const now = currentFrame / sampleRate;
            this.blocks += 1;
            if (this.blocks % EVERY === 0) this.port.postMessage({ now });
            const samples = input?.[0];
            if (!samples) return true;
            if (this.start < 0) this.start = now;
            for (const at of this.onset.hear(samples)) this.port.postMessage({ heard: this.start + at });
            return true;
        }
    },
);
