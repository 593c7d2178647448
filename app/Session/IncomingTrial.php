<?php

declare(strict_types=1);

namespace App\Session;

use Core\Decision\Action;
use Core\Decision\Level;
use Core\Exposure\Exposure;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** A trial as a device sends it, checked and in core values. */
final readonly class IncomingTrial
{
    /**
     * @param  ?int  $sequence  the device's own count; null if it has none
     * @param  ?Band  $band  null to take the proposal
     * @param  list<string>  $signs
     * @param  ?int  $latencyMilliseconds  where a timer ran
     * @param  ?\DateTimeImmutable  $deviceAt  when it happened, by the device's clock; null if that cannot be read
     * @param  ?\DateTimeImmutable  $sentAt  by the same clock, to measure its offset
     * @param  ?string  $device  identifier of the device that logged it
     * @param  ?SoundTimes  $sound  where a sound was played
     * @param  list<string>  $traits  of who was met
     */
    public function __construct(
        public string $uuid,
        public ?int $sequence,
        public Level $target,
        public ?Action $under,
        public ?Risk $forecast,
        public Exposure $exposure,
        public Outcome $outcome,
        public ?Band $band,
        public array $signs,
        public FoodTaken $food,
        public bool $foodLeft,
        public ?TurnLatency $latency,
        public ?int $latencyMilliseconds,
        public bool $interrupted,
        public bool $handlerError,
        public ?string $note,
        public ?\DateTimeImmutable $deviceAt,
        public ?\DateTimeImmutable $sentAt,
        public LookTimes $look = new LookTimes,
        public ?string $device = null,
        public ContactTimes $times = new ContactTimes,
        public ?SoundTimes $sound = null,
        public array $traits = [],
        public ?Slip $slip = null,
    ) {
    }

    /** Equal for the same trial sent twice: the time of sending does not count. */
    public function contentHash(int $sessionId): string
    {
        $signs = $this->signs;
        sort($signs);

        return hash('sha256', json_encode([
            $sessionId, $this->sequence, $this->target->step, $this->target->exposure->key(), $this->under?->value, $this->exposure->key(),
            $this->outcome->value, $this->band?->value, $signs, $this->food->value, $this->foodLeft, $this->latency?->value,
            $this->latencyMilliseconds,
            $this->interrupted, $this->handlerError, $this->note, $this->deviceAt?->format('Uv'),
            ...($this->look->stare === null ? [] : [$this->look->stare]),
            ...($this->look->at === '' ? [] : [['at' => $this->look->at]]),
            ...($this->look->paid === null ? [] : [['paid' => $this->look->paid]]),
            ...array_filter($this->times->columns(), is_int(...)),
            ...($this->traits === [] ? [] : [$this->traits]),
            ...($this->slip === null ? [] : [$this->slip->value]),
            ...($this->sound === null ? [] : [$this->sound->ago, $this->sound->lasted]),
        ], JSON_THROW_ON_ERROR));
    }
}
