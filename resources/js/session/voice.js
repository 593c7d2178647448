/** Says the advice, so that eyes stay on the dog; each advice once. */
export class Voice {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        this.isOn = false;
        this.said = '';
    }

    toggle() {
        this.isOn = !this.isOn;
        this.root.querySelector('[data-do="voice"]')?.setAttribute('aria-pressed', String(this.isOn));
        this.said = '';
    }

    /** @param {string} line */
    say(line) {
        const spoken = line.replaceAll('\u00a0', ' ');
        if (!this.isOn || !('speechSynthesis' in globalThis) || spoken === this.said) return;
        this.said = spoken;
        speechSynthesis.cancel();
        speechSynthesis.speak(new SpeechSynthesisUtterance(spoken));
    }
}
