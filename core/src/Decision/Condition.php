<?php

declare(strict_types=1);

namespace Core\Decision;

/** How dog, ground and gear are just before a session, as the checklist asks: each answer changes the start, or the day. */
final readonly class Condition
{
    public function __construct(
        public bool $isUnwell = false,
        public bool $isTired = false,
        public bool $isWired = false,
        public bool $isGroundHot = false,
        public bool $isGearOff = false,
        public bool $isNoisy = false,
    ) {
    }

    /**
     * As the checklist tells it.
     *
     * @param  string  $state  unwell, tired, wired, or anything else
     * @param  string  $noise  loud, or anything else
     */
    public static function told(string $state, string $noise, bool $isGroundHot, bool $isGearOff): self
    {
        return new self($state === 'unwell', $state === 'tired', $state === 'wired', $isGroundHot, $isGearOff, $noise === 'loud');
    }

    /** What keeps a session from beginning; null if nothing does. */
    public function inTheWay(): ?ReasonCode
    {
        return match (true) {
            $this->isUnwell => ReasonCode::Unwell,
            $this->isGroundHot => ReasonCode::HotGround,
            $this->isGearOff => ReasonCode::GearOff,
            default => null,
        };
    }

    /** What makes it easier and shorter; null if nothing does. */
    public function easier(): ?ReasonCode
    {
        return match (true) {
            $this->isTired => ReasonCode::NotRested,
            $this->isWired => ReasonCode::Wired,
            $this->isNoisy => ReasonCode::Noisy,
            default => null,
        };
    }
}
