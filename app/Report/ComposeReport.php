<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Dog;
use App\Models\ReportKind;
use Illuminate\Contracts\Container\Container;

/** Writes a report on a dog with the parts that were chosen, in the words of whoever reads now. */
final readonly class ComposeReport
{
    private const BY = [
        'progress' => ProgressReport::class, 'hand_over' => HandOverReport::class, 'vet' => VetReport::class,
        'summary' => SummaryReport::class, 'care' => CareReport::class,
    ];

    public function __construct(private DogRecordReader $records, private Container $container)
    {
    }

    /**
     * @param  list<string>  $parts
     * @return list<Section> those that have something to say
     */
    public function of(Dog $dog, ReportKind $kind, array $parts): array
    {
        // bound late: a composer is built with the words of whoever reads
        $composer = $this->container->make(self::BY[$kind->value]);

        $record = $this->records->of($dog);

        return array_values(array_filter(
            [...$composer->sections($record, array_values(array_intersect($kind->parts(), $parts))), self::leftOut($record)],
            static fn (Section $section): bool => ! $section->isEmpty(),
        ));
    }

    private static function leftOut(DogRecord $record): Section
    {
        return new Section(say('paper.left_out.title'), [
            ...($record->moreSessions === 0 ? [] : [say('paper.left_out.sessions', ['count' => $record->moreSessions])]),
            ...($record->morePlans === 0 ? [] : [say('paper.left_out.plans', ['count' => $record->morePlans])]),
        ]);
    }
}
