<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Measure\DistanceUnit;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Words\Audience;
use Words\Reader;
use Words\Units;

/**
 * @property int $id
 * @property int $practice_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property ?string $language null as the practice has it, like the next three
 * @property ?DistanceUnit $distance_unit
 * @property ?bool $is_imperial pounds, ounces, inches, miles per hour
 * @property ?bool $is_clock24
 * @property bool $shows_timing whether owners may see their practice of marker timing
 * @property float $stricter bands by which films show them to grade harder than what is settled on; 0 where nothing is known
 * @property ?CarbonImmutable $disabled_at
 * @property ?string $totp_secret of the second factor; kept encrypted
 * @property ?CarbonImmutable $totp_since null while it is not confirmed
 * @property ?int $totp_step time step of the newest code that was taken
 * @property ?list<string> $recovery_codes hashes of those not used
 * @property-read Practice $practice
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use OfPractice;

    protected $fillable = [
        'practice_id', 'name', 'email', 'password', 'role', 'language', 'distance_unit', 'is_imperial', 'is_clock24', 'disabled_at',
        'totp_secret', 'totp_since', 'totp_step', 'recovery_codes',
    ];

    protected $hidden = ['password', 'remember_token', 'totp_secret', 'recovery_codes'];

    protected $casts = [
        'password' => 'hashed', 'role' => Role::class, 'distance_unit' => DistanceUnit::class, 'is_imperial' => 'boolean',
        'is_clock24' => 'boolean', 'shows_timing' => 'boolean',
        'stricter' => 'float', 'disabled_at' => 'immutable_datetime', 'totp_secret' => 'encrypted',
        'totp_since' => 'immutable_datetime', 'recovery_codes' => 'array',
    ];

    private ?Reader $reader = null;

    /** @var list<array<string, mixed>> what the reader was worked out from */
    private array $readFrom = [];

    public function hasSecondFactor(): bool
    {
        return $this->totp_since !== null;
    }

    public function units(): Units
    {
        return new Units(
            $this->distance_unit ?? $this->practice->distance_unit, $this->is_imperial ?? $this->practice->is_imperial,
            $this->is_clock24 ?? $this->practice->is_clock24,
        );
    }

    /** How this user is spoken to: asked for every word of a page, so worked out again only after something of it has changed. */
    public function reader(): Reader
    {
        $from = [$this->getAttributes(), $this->practice->getAttributes()];
        if ($this->reader === null || $this->readFrom !== $from) {
            $this->readFrom = $from;
            $this->reader = new Reader(
                $this->language ?? $this->practice->language, $this->units(), $this->practice->time_zone,
                $this->role === Role::Guardian ? Audience::Guardian : Audience::Trainer,
            );
        }

        return $this->reader;
    }

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }
}
