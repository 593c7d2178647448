<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Wearing\ItemKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a dog wears or is cared for with. Putting it on, wearing it and taking it off are plans of their own.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property ItemKind $kind
 * @property string $name
 * @property ?CarbonImmutable $fit_checked_on
 * @property ?string $fit_note
 * @property-read Dog $dog
 * @property-read Collection<int, WearingLogged> $wearings
 * @property-read Collection<int, Plan> $plans
 */
final class Item extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'kind', 'name', 'fit_checked_on', 'fit_note'];

    protected $casts = ['kind' => ItemKind::class, 'fit_checked_on' => 'immutable_date'];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return HasMany<WearingLogged, $this> */
    public function wearings(): HasMany
    {
        return $this->hasMany(WearingLogged::class)->orderByDesc('started_at')->orderByDesc('id');
    }

    /** @return HasMany<Plan, $this> */
    public function plans(): HasMany
    {
        return $this->hasMany(Plan::class)->orderBy('id');
    }
}
