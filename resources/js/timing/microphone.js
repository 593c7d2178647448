import { TwoClocks } from './two-clocks.js';
import worklet from './onset-worklet.js?worker&url';

/**
 * Listens for a clicker or a word. Nothing is recorded or sent.
 * @param {(at: number) => void} heard the page's clock, milliseconds
 * @returns {Promise<() => void>} stops listening; rejected where there is no microphone, or it is refused
 */
export async function listen(heard) {
    const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    });
    const context = new AudioContext({ latencyHint: 'interactive' });
    await context.audioWorklet.addModule(worklet);
    const source = context.createMediaStreamSource(stream);
    const node = new AudioWorkletNode(context, 'onset', { numberOfOutputs: 0 });
    const clocks = new TwoClocks();
    node.port.onmessage = ({ data }) => {
        if (data.now !== undefined) return clocks.told(data.now, performance.now());
        const at = clocks.here(data.heard);
        if (at !== null) heard(at);
    };
    source.connect(node);
    await context.resume();
    return () => {
        for (const track of stream.getTracks()) track.stop();
        void context.close();
    };
}
