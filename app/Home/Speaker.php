<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\HomeLink;
use App\Models\Person;
use App\Models\User;

/** Who speaks from a home: somebody signed in, or the person a link was given. */
final readonly class Speaker
{
    private function __construct(public ?int $userId, public ?int $personId, public string $name)
    {
    }

    public static function user(User $user): self
    {
        $person = Person::query()->where('practice_id', $user->practice_id)->where('user_id', $user->id)->value('id');

        return new self($user->id, is_int($person) ? $person : null, $user->name);
    }

    public static function link(HomeLink $link): self
    {
        return new self(null, $link->person_id, $link->person->name);
    }

    /** @return array{user_id: ?int, person_id: ?int} */
    public function columns(): array
    {
        return ['user_id' => $this->userId, 'person_id' => $this->personId];
    }
}
