import { deviceId } from '../device/device.js';
import { say } from '../words.js';
import { listen } from './microphone.js';
import { post } from './post.js';

const BEAT = 1000;
const BEATS = 14;
const LEAD = 1200;

/** A ring that closes once a second, with a tick; taps along tell how late the device is. @param {HTMLElement} root */
export function mountMetronome(root) {
    /** @param {string} name */
    const part = (name) => /** @type {HTMLElement} */ (root.querySelector(`[data-${name}]`));
    const isSound = root.dataset.markBy === 'sound';
    /** @type {number[]} */
    let taps = [];
    let start = 0;
    let isOn = false;
    const told = (/** @type {string} */ words) => {
        part('said').textContent = words;
    };
    const tap = (/** @type {number} */ at) => {
        if (isOn) taps.push(Math.max(0, Math.round(at - start)));
    };

    const run = async () => {
        taps = [];
        /** @type {(() => void) | null} */
        let stop = null;
        if (isSound) {
            try {
                stop = await listen(tap);
            } catch {
                return told(say('timing.no_microphone'));
            }
        }
        told('');
        part('begin').hidden = true;
        part('tap').hidden = isSound;
        part('tap').focus();
        const beats = Array.from({ length: BEATS }, (_, i) => LEAD + i * BEAT);
        const ticks = isSound ? null : ticking(beats);
        if (!isSound && !ticks) told(say('timing.no_sound'));
        start = performance.now();
        isOn = true;
        root.dataset.started = String(start);
        const draw = () => {
            const at = performance.now() - start;
            const phase = (((at - LEAD) % BEAT) + BEAT) % BEAT;
            part('closing').setAttribute('r', String(95 - 55 * (phase / BEAT)));
            part('dot').classList.toggle('is-beat', at >= LEAD && phase < 120);
            if (at < LEAD + BEATS * BEAT) requestAnimationFrame(draw);
            else void end(beats, stop, ticks);
        };
        requestAnimationFrame(draw);
    };

    /** @param {number[]} beats @param {(() => void) | null} stop @param {AudioContext | null} ticks */
    const end = async (beats, stop, ticks) => {
        isOn = false;
        stop?.();
        void ticks?.close();
        part('tap').hidden = true;
        part('begin').hidden = false;
        const { isGood, body } = await post(root, root.dataset.url ?? '', {
            device: deviceId(),
            mark_by: root.dataset.markBy,
            beats,
            taps: taps.slice(0, 60),
        });
        told(body?.message ?? say('timing.lost'));
        part('on').hidden = !isGood;
        part(isGood ? 'on' : 'begin').focus();
    };

    part('begin').addEventListener('click', () => void run());
    part('tap').addEventListener('pointerdown', (event) => tap(event.timeStamp));
    document.addEventListener('keydown', (event) => {
        if (!isOn || event.code !== 'Space' || event.repeat) return;
        event.preventDefault();
        tap(event.timeStamp);
    });
}

/** Ticks at the beats; null where the device has no sound. @param {number[]} beats @returns {AudioContext | null} */
function ticking(beats) {
    try {
        const context = new AudioContext({ latencyHint: 'interactive' });
        const late = context.outputLatency || 0;
        for (const beat of beats) {
            const at = Math.max(0, context.currentTime + beat / 1000 - late);
            const tone = new OscillatorNode(context, { frequency: 1400 });
            const loud = new GainNode(context, { gain: 0 });
            loud.gain.setValueAtTime(0.2, at).exponentialRampToValueAtTime(0.001, at + 0.05);
            tone.connect(loud).connect(context.destination);
            tone.start(at);
            tone.stop(at + 0.06);
        }
        return context;
    } catch {
        return null;
    }
}
