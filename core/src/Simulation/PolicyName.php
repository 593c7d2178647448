<?php

declare(strict_types=1);

namespace Core\Simulation;

/** The policies that can be compared; each starts by a rule of its own from the same stated distance. */
enum PolicyName: string
{
    /** Nearer by 0.85 after five in a row, from four times the stated distance. */
    case HandQuick = 'hand_085_from_4x';
    case HandBold = 'hand_080_from_6x';
    /** Nearer by 0.90, from eight times the stated distance. */
    case HandPatient = 'hand_090_from_8x';
    case Engine = 'engine';
    /** The engine, to which each dog has shown all that it is before every session: what not knowing the dog costs. */
    case EngineKnowing = 'engine_knowing';
    /** Knows the dog but not its day, at a chance of 0.4 in a hundred of going over in one trial. */
    case Acquainted = 'acquainted';
    /** Knows both, at the same chance. */
    case Oracle = 'oracle';
}
