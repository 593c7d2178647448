/** @typedef {import('./pose.js').Pose} Pose */

/** How far the head goes to the palm, in units of the drawing. */
const REACH = 176;
const BALL_FROM = 60;
const BALL_WAY = 560;

/** Draws a pose into the stage: only what changed is touched. */
export class Dog {
    /** @param {SVGElement} stage @param {string} drill */
    constructor(stage, drill) {
        /** @param {string} name */
        const part = (name) => /** @type {SVGElement} */ (stage.querySelector(`[data-part="${name}"]`));
        this.parts = {
            head: part('head'),
            jaw: part('jaw'),
            tongue: part('tongue'),
            pupil: part('pupil'),
            paw: part('paw'),
            lid: part('lid'),
            body: part('body'),
            ball: part('ball'),
            leash: part('leash'),
            passer: part('passer'),
            tail: part('tail'),
        };
        const isLine = drill === 'line';
        part('line-scene').toggleAttribute('hidden', !isLine);
        part('dog-scene').toggleAttribute('hidden', isLine);
        const shows = {
            palm: [
                'palm',
                'touch_then_eyes',
                'half_touches',
                'two_unpaid',
                'still_hand',
                'mistaken',
                'leash',
                'word_or_clicker',
                'unanswered',
            ],
            trigger: ['look_then_turn'],
            leash: ['leash'],
            passer: ['leash'],
        };
        for (const [name, drills] of Object.entries(shows)) part(name).toggleAttribute('hidden', !drills.includes(drill));
        /** @type {Record<string, string>} */
        this.drawn = {};
    }

    /** @param {Pose} pose */
    draw(pose) {
        const { parts } = this;
        const drop = 46 * pose.low;
        this.set(
            parts.head,
            'transform',
            `translate(${(REACH * pose.reach).toFixed(1)} ${drop.toFixed(1)}) rotate(${pose.head.toFixed(1)} 250 170)`,
        );
        this.set(parts.body, 'transform', `translate(0 ${drop.toFixed(1)})`);
        this.set(parts.jaw, 'transform', `rotate(${(26 * pose.jaw).toFixed(1)} 322 126)`);
        this.set(parts.tongue, 'visibility', pose.tongue ? 'visible' : 'hidden');
        this.set(parts.lid, 'visibility', pose.lid ? 'visible' : 'hidden');
        this.set(parts.pupil, 'transform', `translate(${pose.pupil === 2 ? -3 : pose.pupil < 0 ? -8 : 2} 0) scale(1)`);
        this.set(parts.pupil, 'r', pose.pupil === 2 ? '7' : '4.5');
        this.set(parts.paw, 'transform', `rotate(${(-50 * pose.paw).toFixed(1)} 243 200)`);
        this.set(parts.leash, 'class', pose.isTight ? 'stage-leash is-tight' : 'stage-leash');
        this.set(parts.leash, 'd', pose.isTight ? 'M 236 150 L 560 22' : 'M 236 150 C 300 220 420 150 560 22');
        // from far and small to near and large
        this.set(
            parts.passer,
            'transform',
            `translate(${(600 - 60 * pose.near).toFixed(1)} 262) scale(${(0.4 + 0.6 * pose.near).toFixed(2)})`,
        );
        this.set(parts.ball, 'cx', String(Math.round(BALL_FROM + BALL_WAY * Math.max(0, pose.ball))));
    }

    /** @param {SVGElement} part @param {string} name @param {string} value */
    set(part, name, value) {
        const key = `${part.dataset.part} ${name}`;
        if (this.drawn[key] === value) return;
        this.drawn[key] = value;
        part.setAttribute(name, value);
    }
}
