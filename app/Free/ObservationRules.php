<?php

declare(strict_types=1);

namespace App\Free;

use App\Engine\CoreCatalogs;
use App\Engine\StandingObservation;
use App\Models\FreeSession;
use App\Session\Slip;
use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Core\Handling\BodyAreas;
use Core\Observation\Kind;
use Core\Observation\SegmentKind;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;

/** What an observation may hold, by its kind. */
final readonly class ObservationRules
{
    public const MOST_LETTERS = 60;

    /** What is ticked at a part of the body: a look at the hand, what hands come off for, and what comes after they are off. */
    public const SIGNS = [
        'look.hand', 'pull.away', 'stiff', 'freeze', 'whale.eye', 'lip.lift', 'growl', 'snap', 'yawn', 'scratch.shake',
    ];

    public function __construct(private CoreCatalogs $catalogs, private Factory $validators)
    {
    }

    /** @param  array<mixed>  $data  as a device or a form sends it */
    public function check(array $data, FreeSession $session): Validator
    {
        $kind = Kind::tryFrom(is_string($data['kind'] ?? null) ? $data['kind'] : '');
        $rules = [
            'uuid' => ['required', 'string', 'uuid'],
            'kind' => ['required', Rule::in(array_map(static fn (Kind $one): string => $one->value, $session->activity->kinds()))],
            'seconds' => ['nullable', 'numeric', 'between:0,3600'],
            'what' => $this->what($kind),
            'side' => $kind === Kind::Part
                ? ['required', Rule::in($this->sides(is_string($data['what'] ?? null) ? $data['what'] : ''))]
                : ['nullable', Rule::in([''])],
            'signs' => $kind === Kind::Part ? ['nullable', 'array', 'max:20'] : ['prohibited'],
            'signs.*' => ['nullable', 'string', Rule::in(self::SIGNS)],
            'band' => [$kind?->hasBand() === true ? 'required' : 'nullable', 'integer', 'between:0,4'],
            'isFoodGone' => $kind === Kind::Part ? ['nullable', 'boolean'] : ['prohibited'],
        ];
        foreach (StandingObservation::SETUP as $dimension) {
            $rules[$dimension] = $kind === Kind::Part ? ['nullable', Rule::in($this->values($dimension))] : ['prohibited'];
        }

        return $this->validators->make($data, $rules, [
            'kind.*' => say('messages.observation.kind'), 'seconds.*' => say('messages.observation.seconds'),
            'what.*' => say('messages.observation.what', ['most' => self::MOST_LETTERS]), 'side.*' => say('messages.observation.side'),
            'band.*' => say('messages.observation.band'), 'signs*' => say('messages.observation.signs'),
            'contact.*' => say('messages.observation.setup'), 'dog_position.*' => say('messages.observation.setup'),
            'held_at.*' => say('messages.observation.setup'), 'isFoodGone.*' => say('messages.observation.food_gone'),
        ]);
    }

    /** @return list<mixed> */
    private function what(?Kind $kind): array
    {
        $typed = ['string', 'max:'.self::MOST_LETTERS, 'not_regex:/\p{C}/u'];

        return match ($kind) {
            Kind::Segment => ['required', Rule::enum(SegmentKind::class)->except([SegmentKind::Arrival])],
            Kind::Mistake => ['required', Rule::enum(Slip::class)],
            Kind::Part => ['required', Rule::in($this->areas())],
            Kind::Shown => ['required', ...$typed],
            Kind::AtOnce, Kind::Late, Kind::Not => ['required', Rule::in(array_keys($this->catalogs->methods()->skills))],
            default => ['nullable', ...$typed],
        };
    }

    /** @return list<string> */
    private function areas(): array
    {
        return $this->values(DimensionKey::BodyArea->value);
    }

    /** @return list<string> of a dimension of contact work */
    public function values(string $dimension): array
    {
        return array_map(
            static fn ($value): string => $value->key, $this->catalogs->dimensions(PlanKind::Contact)->dimension($dimension)->values,
        );
    }

    /** @return list<string> */
    private function sides(string $area): array
    {
        return in_array($area, $this->areas(), true) ? BodyAreas::sides($area) : [];
    }
}
