<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\PracticeArchive;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Contracts\Bus\Dispatcher;
use Psr\Clock\ClockInterface;

/** Has an archive made by the worker. */
final readonly class MakeArchive
{
    public function __construct(private Dispatcher $jobs, private ClockInterface $clock, private Trail $trail)
    {
    }

    public function make(User $by): PracticeArchive
    {
        $archive = PracticeArchive::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'made_at' => $this->clock->now(),
        ]);
        $this->trail->note($by, TrailAction::Added, $archive);
        $this->jobs->dispatch(new WorkOnArchive($archive->id));

        return $archive;
    }
}
