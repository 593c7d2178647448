<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\HomeLink;
use App\Models\Person;
use App\Models\User;
use App\Support\Secret;
use Psr\Clock\ClockInterface;

/** Addresses of home pages: each for one dog and one person, until a day, closed by one tap. */
final readonly class HomeLinks
{
    public const DAYS = [7, 30, 90];

    /** @var list<string> languages the page is written in */
    public const LANGUAGES = ['en', 'es'];

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return string what the address ends in: shown once, kept as a hash */
    public function make(User $by, Dog $dog, Person $person, int $days, string $language): string
    {
        $token = Secret::make();
        HomeLink::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'person_id' => $person->id, 'user_id' => $by->id,
            'token' => Secret::hash($token), 'language' => $language, 'ends_at' => $this->clock->now()->modify("+{$days} days"),
        ]);

        return $token;
    }

    /** Null where it has ended, was closed, or never was; and where the dog is no longer trained here. */
    public function find(string $token): ?HomeLink
    {
        return HomeLink::query()->with(['dog.practice', 'person'])->where('token', Secret::hash($token))->whereNull('closed_at')
            ->where('ends_at', '>', $this->clock->now())
            ->whereHas('dog', static fn ($dogs) => $dogs->whereNull('archived_at'))->first();
    }

    public function opened(HomeLink $link): void
    {
        $link->update(['opened_at' => $this->clock->now()]);
    }

    public function close(HomeLink $link): void
    {
        $link->update(['closed_at' => $this->clock->now()]);
    }
}
