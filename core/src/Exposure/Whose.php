<?php

declare(strict_types=1);

namespace Core\Exposure;

/** Who can change a detail on the spot: advice never asks for what nobody here can do. */
enum Whose: string
{
    /** Handler and dog. */
    case Ours = 'ours';
    /** Whoever is the trigger: a helper on a word; strangers obey nobody. */
    case Trigger = 'trigger';
    /** The place: a fence stands or it does not. */
    case Place = 'place';
}
