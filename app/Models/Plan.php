<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Decision\RestReason;
use Core\Scheduling\HoursWish;
use Core\Scheduling\Routine;
use Core\Wearing\Phase;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Query\Builder;

/**
 * @property int $id
 * @property int $practice_id
 * @property int $response_model_id
 * @property ?int $place_id
 * @property int $created_by
 * @property string $name
 * @property string $method
 * @property float $strain_cap
 * @property float $reaction_cap
 * @property int $most_advances
 * @property int $set_minutes
 * @property int $session_minutes
 * @property int $most_trials
 * @property ?RestReason $resting_reason
 * @property ?int $reviewed_by
 * @property ?string $goal in words
 * @property ?string $template key of the ladder it was laid from
 * @property ?array<string, string> $choices where practitioners differ
 * @property float $outings_a_week
 * @property int $version of its ladder
 * @property ?int $handed_over_from plan of another person that this one goes on from
 * @property int $handed_over_held step held there; −1 for none
 * @property int $easy_after good repetitions before an easy one between; 0 for never
 * @property ?int $item_id
 * @property ?Phase $phase of the item
 * @property ?int $most_a_day null, like the next five, as its kind has it
 * @property ?int $days_apart
 * @property ?int $easy_after_struggling days
 * @property ?int $easy_after_reaction days
 * @property ?int $encounters that make a good session
 * @property ?bool $is_at_home
 * @property bool $needs_helper
 * @property HoursWish $busy_or_quiet
 * @property ?CarbonImmutable $created_at
 * @property ?CarbonImmutable $updated_at
 * @property-read ResponseModel $responseModel
 * @property-read ?Place $place
 * @property-read ?Item $item
 * @property-read Collection<int, Step> $steps
 * @property-read Collection<int, Session> $sessions
 */
final class Plan extends Entity
{
    use OfPractice, SoftDeletes;

    protected $fillable = [
        'practice_id', 'response_model_id', 'place_id', 'created_by', 'name', 'method', 'strain_cap', 'reaction_cap',
        'most_advances', 'set_minutes', 'session_minutes', 'most_trials', 'resting_reason', 'reviewed_by',
        'goal', 'template', 'choices', 'outings_a_week', 'version', 'handed_over_from', 'handed_over_held', 'easy_after', 'item_id',
        'phase', 'most_a_day', 'days_apart', 'easy_after_struggling', 'easy_after_reaction', 'encounters', 'is_at_home', 'needs_helper',
        'busy_or_quiet',
    ];

    protected $attributes = [
        'outings_a_week' => 3, 'version' => 1, 'handed_over_held' => -1, 'easy_after' => 0, 'needs_helper' => false,
        'busy_or_quiet' => 'any',
    ];

    protected $casts = [
        'phase' => Phase::class, 'choices' => 'array', 'resting_reason' => RestReason::class, 'outings_a_week' => 'float',
        'strain_cap' => 'float', 'reaction_cap' => 'float', 'is_at_home' => 'boolean', 'needs_helper' => 'boolean',
        'busy_or_quiet' => HoursWish::class,
    ];

    /** Ids of all plans that learn together, archived ones as well. */
    public static function ofModel(int $responseModelId): Builder
    {
        return self::query()->withTrashed()->toBase()->where('response_model_id', $responseModelId)->select('id');
    }

    /** @return BelongsTo<ResponseModel, $this> */
    public function responseModel(): BelongsTo
    {
        return $this->belongsTo(ResponseModel::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return BelongsToMany<Place, $this> other places where it may be worked on */
    public function otherPlaces(): BelongsToMany
    {
        return $this->belongsToMany(Place::class, 'plan_places')->orderBy('places.name');
    }

    /** How its work is spread over days, as somebody has said or as its kind has it. */
    public function routine(): Routine
    {
        $usual = Routine::usual($this->responseModel->kind);

        return new Routine(
            $this->most_a_day ?? $usual->mostADay, $this->days_apart ?? $usual->daysApartAt($this->outings_a_week),
            $this->easy_after_struggling ?? $usual->afterStruggling, $this->easy_after_reaction ?? $usual->afterReaction,
            $this->encounters ?? $usual->encounters, $this->is_at_home ?? ($this->place_id === null && $usual->isAtHome),
            $this->needs_helper, $this->busy_or_quiet,
        );
    }

    /** @return HasMany<Step, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(Step::class)->whereNull('retired_at')->orderBy('position');
    }

    /** @return HasMany<PlanVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(PlanVersion::class)->orderByDesc('number');
    }

    /** @return HasMany<Waiver, $this> */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class);
    }

    /** @return HasMany<Session, $this> */
    public function sessions(): HasMany
    {
        return $this->hasMany(Session::class)->orderBy('started_at');
    }
}
