<?php

declare(strict_types=1);

namespace Core\Simulation;

/** How a simulated dog departs from what the response model assumes. All off: right for the model. */
final readonly class Temperament
{
    /**
     * @param  float  $daySd  spread of good and bad days, in logits
     * @param  bool  $heavyTails  now and then a trial is taken far worse or better than its load says (noise of a t distribution, 3
     *    degrees of freedom)
     * @param  bool  $cliff  few graded signs before a reaction: the bands lie close together
     * @param  float  $drift  step of a random walk of the location from session to session, in logits
     * @param  float  $unloggedTrait  load of a trait of the trigger that half the trials have and no log carries
     * @param  float  $masking  share of small signs that stay unseen: aware or effort then looks easy
     * @param  float  $healing  logits a day by which fear lets go by itself, trials or none
     * @param  float  $understated  logits by which it is worse than people said
     * @param  float  $sensitizing  times the usual by which struggling and reacting set it back
     * @param  float  $stacking  logits that each trial that was noticed or worse adds for the rest of the day
     * @param  float  $relapse  share of what it has learned that it loses between two sessions
     * @param  float  $sloppiness  share of trials graded a band too high or too low
     * @param  int  $graderShift  bands by which the grader is too kind (below 0) or too strict
     * @param  bool  $isGraderKnown  whether that is known, from films that two have graded
     */
    public function __construct(
        public float $daySd = 0.7,
        public bool $heavyTails = false,
        public bool $cliff = false,
        public float $drift = 0.0,
        public float $unloggedTrait = 0.0,
        public float $masking = 0.0,
        public float $healing = 0.0,
        public float $understated = 0.0,
        public float $sensitizing = 1.0,
        public float $stacking = 0.0,
        public float $relapse = 0.0,
        public float $sloppiness = 0.0,
        public int $graderShift = 0,
        public bool $isGraderKnown = false,
    ) {
    }

    /** The same dog, whose fear also lets go by itself. */
    public function healing(float $logitsADay): self
    {
        return new self(
            $this->daySd, $this->heavyTails, $this->cliff, $this->drift, $this->unloggedTrait, $this->masking, $logitsADay,
            $this->understated, $this->sensitizing, $this->stacking, $this->relapse, $this->sloppiness, $this->graderShift,
            $this->isGraderKnown,
        );
    }

    /**
     * The families dogs are drawn from, by name.
     *
     * @return array<string, self>
     */
    public static function families(): array
    {
        return [
            'as_the_model' => new self,
            'bad_days' => new self(daySd: 1.4),
            'heavy_tails' => new self(heavyTails: true),
            'cliff' => new self(cliff: true),
            'drift' => new self(drift: 0.35),
            'unlogged_trait' => new self(unloggedTrait: 1.2),
            'masked_signs' => new self(masking: 0.6),
            'bad_days_cliff' => new self(daySd: 1.4, cliff: true),
            'tails_masking' => new self(heavyTails: true, masking: 0.6),
            'understated' => new self(understated: 1.5),
            'sensitizing' => new self(sensitizing: 3.0),
            'stacking' => new self(stacking: 0.08),
            'relapsing' => new self(relapse: 0.03),
            'sloppy_grader' => new self(sloppiness: 0.3),
            'strict_grader' => new self(graderShift: 1),
            'kind_grader' => new self(graderShift: -1),
            'strict_grader_known' => new self(graderShift: 1, isGraderKnown: true),
            'kind_grader_known' => new self(graderShift: -1, isGraderKnown: true),
        ];
    }
}
