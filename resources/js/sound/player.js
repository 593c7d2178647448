/** Decibels under its level at which a sound begins to rise. */
const RISES_FROM = 30;
/** Seconds in which it fades at its end: cut off, a loudspeaker clicks. */
const FADE = 0.02;

/** @typedef {{fraction: number | null, seconds: number, onset: number}} Playback */

/**
 * The gains of one sound: where it begins, its level, and when that is reached and left. It rises evenly in decibels.
 *
 * @param {Playback & {fraction: number}} playback
 * @returns {{from: number, to: number, full: number, end: number}} gains, and seconds from the start
 */
export function envelope({ fraction, seconds, onset }) {
    return { from: fraction * 10 ** (-RISES_FROM / 20), to: fraction, full: Math.min(onset, Math.max(0, seconds - FADE)), end: seconds };
}

/** Plays one recording at a share of full scale. While it sounds, any key and any press of its button stops it. */
export class SoundPlayer {
    /** @param {string} url @param {(isPlaying: boolean) => void} changed */
    constructor(url, changed) {
        this.url = url;
        this.changed = changed;
        this.startedAt = 0;
        this.stoppedAt = 0;
        /** @type {{source: AudioBufferSourceNode, audio: AudioContext, keys: (event: Event) => void} | null} */
        this.sounding = null;
        this.bytes = fetch(url).then((answer) => (answer.ok ? answer.arrayBuffer() : Promise.reject(new Error(String(answer.status)))));
        this.bytes.catch(() => undefined);
    }

    isPlaying() {
        return this.sounding !== null;
    }

    /** @param {Playback & {fraction: number}} playback @returns {Promise<boolean>} whether it sounds */
    async play(playback) {
        this.stop();
        // made inside the tap: browsers let nothing sound that nobody asked for
        const audio = new AudioContext();
        try {
            const buffer = await audio.decodeAudioData((await this.bytes).slice(0));
            const source = new AudioBufferSourceNode(audio, { buffer, loop: true });
            const gain = audio.createGain();
            const { from, to, full, end } = envelope(playback);
            const now = audio.currentTime + 0.01;
            gain.gain.setValueAtTime(from, now);
            gain.gain.exponentialRampToValueAtTime(to, now + full);
            gain.gain.setValueAtTime(to, now + end - FADE);
            gain.gain.linearRampToValueAtTime(0, now + end);
            source.connect(gain).connect(audio.destination);
            const keys = (/** @type {Event} */ event) => {
                event.preventDefault();
                event.stopImmediatePropagation();
                this.stop();
            };
            this.sounding = { source, audio, keys };
            source.addEventListener('ended', () => this.sounding?.source === source && this.stop());
            document.addEventListener('keydown', keys, { capture: true });
            source.start(now);
            source.stop(now + end);
            this.startedAt = Date.now();
            this.stoppedAt = 0;
            this.changed(true);
            return true;
        } catch {
            await audio.close();
            return false;
        }
    }

    stop() {
        const { sounding } = this;
        if (!sounding) return;
        this.sounding = null;
        this.stoppedAt = Date.now();
        document.removeEventListener('keydown', sounding.keys, { capture: true });
        try {
            sounding.source.stop();
        } catch {
            // it had ended by itself
        }
        void sounding.audio.close();
        this.changed(false);
    }
}
