<?php

declare(strict_types=1);

namespace Core\Exception;

/** What the core refuses, one case for each mistake. The edge says each in words (lang/en/errors.php). */
enum ErrorCode: string
{
    // a number
    case OutOfRange = 'out-of-range';
    case NotFinite = 'not-finite';
    case GapBehindPath = 'gap-behind-path';

    // an exposure
    case UnknownDimension = 'unknown-dimension';
    case UnknownValue = 'unknown-value';
    case NotANumber = 'not-a-number';
    case GoalNotHarder = 'goal-not-harder';
    case EmptyLadder = 'empty-ladder';
    case NotAnOrder = 'not-an-order';
    case EmptyExposure = 'empty-exposure';
    case UnknownSign = 'unknown-sign';

    // a ladder or a template
    case StepCount = 'step-count';
    case StepNotAnObject = 'step-not-an-object';
    case ValuesMissing = 'values-missing';
    case DimensionLeftOpen = 'dimension-left-open';
    case ValueOutOfRange = 'value-out-of-range';
    case SaysTheSame = 'says-the-same';
    case Impossible = 'impossible';
    case FoodTimingMissing = 'food-timing-missing';
    case PostureMissing = 'posture-missing';
    case StrandUnknown = 'strand-unknown';
    case WhoMissing = 'who-missing';
    case WholeNumber = 'whole-number';
    case UnknownKind = 'unknown-kind';
    case UnknownMethod = 'unknown-method';
    case MethodDoesNotSuit = 'method-does-not-suit';
    case UnknownFoundation = 'unknown-foundation';
    case BadKey = 'bad-key';
    case TextLength = 'text-length';
    case InclusionOrder = 'inclusion-order';
    case WayMissing = 'way-missing';
    case WayNotDistance = 'way-not-distance';
    case UnknownTemplate = 'unknown-template';
    case IncludesItself = 'includes-itself';
    case OtherKind = 'other-kind';
    case TooFewSteps = 'too-few-steps';
    case MovingCount = 'moving-count';
    case MovingUnsaid = 'moving-unsaid';
    case TooManyStates = 'too-many-states';

    // an edit of a ladder
    case UnknownEdit = 'unknown-edit';
    case LastStep = 'last-step';
    case NothingBeforeFirst = 'nothing-before-first';
    case NothingBetween = 'nothing-between';
    case TooManyDiffer = 'too-many-differ';
    case NoLadderFound = 'no-ladder-found';
    case WayTooLong = 'way-too-long';
    case LastDimension = 'last-dimension';

    // a file
    case NotJson = 'not-json';
    case Schema = 'schema';
    case TooManyTemplates = 'too-many-templates';

    // a layout of a place
    case PathThroughDog = 'path-through-dog';
    case LengthOutOfRange = 'length-out-of-range';
    case GapBehindTrigger = 'gap-behind-trigger';
    case GapTurned = 'gap-turned';

    // a data file that ships, or a model: nothing that a user typed
    case CatalogField = 'catalog-field';
    case CatalogDuplicate = 'catalog-duplicate';
    case CatalogContradiction = 'catalog-contradiction';
    case ModelShape = 'model-shape';
    case ModelCurvature = 'model-curvature';
}
