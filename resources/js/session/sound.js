import { securityToken } from '../device/security-token.js';
import { SoundPlayer } from '../sound/player.js';
import { signal } from './clock.js';
import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */

const METER_EVERY = 500;

/** The sound of a session: what is due is played here, a meter at the dog is read, and the next trial is told what sounded. */
export class SoundDeck {
    /** @param {HTMLElement} root @param {View} view */
    constructor(root, view) {
        this.root = root;
        this.view = view;
        this.ceiling = Number(root.dataset.ceiling) || null;
        this.player = root.dataset.recording ? new SoundPlayer(root.dataset.recording, (isPlaying) => this.changed(isPlaying)) : null;
        this.played = false;
        if (root.dataset.metered) this.readMeter();
    }

    /** @param {any} place where the next trial is due */
    async press(place) {
        if (!this.player) return;
        if (this.player.isPlaying()) return this.player.stop();
        const play = place?.play;
        if (!play || play.fraction === null) return;
        this.played = await this.player.play(play);
        if (!this.played) this.view.put('sound-note', say('sound.failed'));
    }

    stop() {
        this.player?.stop();
    }

    /** @returns {{sound_ms?: number, sound_ago_ms?: number}} what sounded, for the trial just over */
    take() {
        if (!this.player || !this.played) return {};
        this.player.stop();
        this.played = false;
        return { sound_ms: this.player.stoppedAt - this.player.startedAt, sound_ago_ms: Date.now() - this.player.startedAt };
    }

    /** @param {any} place */
    show(place) {
        const button = this.root.querySelector('[data-do="play"]');
        if (!(button instanceof HTMLButtonElement) || this.player?.isPlaying()) return;
        const play = place?.play;
        button.disabled = !play || play.fraction === null;
        this.view.put(
            'play-words',
            play
                ? play.fraction === null
                    ? say('sound.cannot')
                    : say('sound.play', { percent: Number((100 * play.fraction).toPrecision(2)), seconds: Number(play.seconds.toFixed(1)) })
                : say(place ? 'sound.real' : 'sound.nothing'),
        );
    }

    /** @param {boolean} isPlaying */
    changed(isPlaying) {
        const button = this.root.querySelector('[data-do="play"]');
        button?.setAttribute('aria-pressed', String(isPlaying));
        if (isPlaying) this.view.put('play-words', say('sound.stop'));
        this.root.dataset.sounding = String(isPlaying);
    }

    /** A meter that shows the token of this session. */
    async connect() {
        try {
            const answer = await fetch(`/sessions/${this.root.dataset.session}/meter`, {
                method: 'POST',
                headers: { Accept: 'application/json', 'X-XSRF-TOKEN': securityToken(document.cookie) },
            });
            const told = await answer.json();
            if (!answer.ok) return this.view.put('meter-note', told.message ?? say('sound.meter_failed'));
            this.view.put('meter-address', told.address);
            this.view.put('meter-token', told.token);
            for (const part of this.view.all('meter-told')) part.hidden = false;
            this.readMeter();
        } catch {
            this.view.put('meter-note', say('sound.meter_needs_server'));
        }
    }

    readMeter() {
        if (this.metering) return;
        this.metering = setInterval(async () => {
            if (document.visibilityState !== 'visible') return;
            try {
                const answer = await fetch(this.root.dataset.meter ?? '', { credentials: 'omit', signal: AbortSignal.timeout(3000) });
                if (answer.ok) this.metered((await answer.json()).level);
            } catch {
                this.metered(null);
            }
        }, METER_EVERY);
    }

    /** @param {number | null} level in dB(A) */
    metered(level) {
        const isOver = level !== null && this.ceiling !== null && level > this.ceiling;
        this.view.put('meter-level', level === null ? say('sound.no_reading') : say('sound.level', { level: Math.round(level) }));
        for (const gauge of this.view.all('meter-gauge')) gauge.hidden = false;
        if (isOver && this.player?.isPlaying()) {
            this.player.stop();
            signal(2);
            this.view.put('sound-note', say('sound.stopped', { level: Math.round(level), ceiling: this.ceiling ?? 0 }));
        }
    }
}
