<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Response\Risk;
use Core\Response\ThresholdDistance;

/** A policy that says beforehand what it expects, so that it can be held to it. */
interface Foretells
{
    /** Between which distances today's limit is said to lie; null without a model. */
    public function limit(): ?ThresholdDistance;

    /** What the next exposure is said to risk. */
    public function risk(): ?Risk;
}
