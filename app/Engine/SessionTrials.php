<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\LoggedTrial;

/** The trials of a session as they stand, with what names them. */
final readonly class SessionTrials
{
    /**
     * @param  array<int, LoggedTrial>  $trials  by id, in the order of the client's sequence
     * @param  array<int, array{uuid: string, sequence: int, note: string, proposed: int, slip: string, traits: string}>  $marks  by id
     */
    public function __construct(public array $trials, public array $marks)
    {
    }

    public function lastId(): ?int
    {
        return array_key_last($this->trials);
    }

    public function idOf(string $uuid): ?int
    {
        foreach ($this->marks as $id => $mark) {
            if ($mark['uuid'] === $uuid) {
                return $id;
            }
        }

        return null;
    }
}
