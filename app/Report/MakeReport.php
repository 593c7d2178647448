<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Dog;
use App\Models\Report;
use App\Models\ReportKind;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use App\Words\SpokenTo;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Contracts\Container\Container;
use Psr\Clock\ClockInterface;
use Words\Reader;

/** Keeps a report as it is said now, and has its PDF drawn by the worker. */
final readonly class MakeReport
{
    public function __construct(
        private ComposeReport $reports, private Dispatcher $jobs, private ClockInterface $clock, private Trail $trail,
        private Container $container, private SpokenTo $spoken,
    ) {
    }

    /**
     * @param  list<string>  $parts
     * @param  ?string  $language  null: the reader's own
     */
    public function make(User $by, Dog $dog, ReportKind $kind, array $parts, string $for, string $note, ?string $language): Report
    {
        $report = $this->draft($by, $dog, $kind, $parts, $for, $note, $language);
        $report->save();
        $this->trail->note($by, TrailAction::Added, $report, ['name' => $dog->name]);
        $this->draw($report);

        return $report;
    }

    /**
     * As it would be, without keeping it. One that is written in several languages is composed in the one that was asked for.
     *
     * @param  list<string>  $parts
     */
    public function draft(User $by, Dog $dog, ReportKind $kind, array $parts, string $for, string $note, ?string $language): Report
    {
        $reader = $this->container->make(Reader::class);
        $language = count($kind->languages()) === 1 ? $reader->language : ($language ?? $reader->language);
        $sections = $this->spoken->reader(
            new Reader($language, $reader->units, $reader->zone, $reader->audience),
            fn (): array => $this->reports->of($dog, $kind, $parts),
        );
        $report = new Report([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $by->id, 'kind' => $kind, 'language' => $language,
            'name' => $for, 'note' => $note, 'parts' => array_values(array_intersect($kind->parts(), $parts)),
            'sections' => array_map(static fn (Section $section): array => $section->toArray(), $sections),
            'made_at' => $this->clock->now(),
        ]);

        return $report->setRelation('dog', $dog)->setRelation('user', $by);
    }

    /** Anew where the first try failed, or where a name was taken out. */
    public function draw(Report $report): void
    {
        $report->update(['progress' => 0, 'has_failed' => false]);
        $this->jobs->dispatch(new DrawPdf($report->id));
    }
}
