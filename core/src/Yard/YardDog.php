<?php

declare(strict_types=1);

namespace Core\Yard;

/** Dogs to practice on, each with its own lesson. Their figures are working values of our own. */
enum YardDog: string
{
    /** The stare grows with staying, marks go unanswered near, leaving resets. */
    case OverEager = 'over_eager';
    /** Learned to hide its signs: ears, brow and a missing meal only; it goes off unless distance was made while it was loading. */
    case Silenced = 'silenced';
    /** Lies on a mat: excited marks raise it, calm food settles it. */
    case OnMat = 'on_mat';
    /** What happens adds up, panting comes late; a counted rhythm helps, and takes the place of offers. */
    case Anxious = 'anxious';
    /** Leaves when a hand asks too much, and comes back to one that was taken off; wants to see the tool before it comes nearer. */
    case HandShy = 'hand_shy';
    /** Shows all it feels: to begin with. */
    case Plain = 'plain';

    /** Arousal just below stretched: where its working distance leaves it. */
    private const WORKING = 0.38;

    public function scene(): Scene
    {
        return $this === self::HandShy ? Scene::Hands : Scene::Path;
    }

    /** Meters at which a trigger that passes, or a hand, leaves it just below stretched. */
    public function workingMeters(): float
    {
        return match ($this) {
            self::OverEager => 14.0,
            self::Silenced => 16.0,
            self::OnMat => 9.0,
            self::Anxious => 18.0,
            self::HandShy => 0.24,
            self::Plain => 12.0,
        };
    }

    /** What a distance, or a gap under a hand, asks of it, at its height: at its working distance just below stretched. */
    public function asks(float $meters): float
    {
        $slope = 1.0 / $this->scene()->halvings();

        return max(0.0, self::WORKING + $slope * log($this->workingMeters() / $meters, 2));
    }

    /** Arousal a second that staying adds while the trigger is in sight and near. */
    public function staying(): float
    {
        return $this === self::OverEager ? 0.02 : 0.0;
    }

    /** What is left, a second, of what came up. */
    public function settling(): float
    {
        return $this === self::Anxious ? 0.035 : 0.09;
    }

    /** How a mark moves it. */
    public function marked(): float
    {
        return match ($this) {
            self::OnMat => 0.07,
            self::OverEager => 0.02,
            default => -0.02,
        };
    }

    /** How much of what it feels each part shows, 0 to 1. */
    public function shows(string $part): float
    {
        return match ($this) {
            self::Silenced => in_array($part, ['ears', 'brow'], true) ? 0.4 : 0.0,
            default => 1.0,
        };
    }
}
