<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\HomeRep;
use App\Models\Import;
use App\Support\Fields;
use App\Support\UuidOfBytes;
use Core\Homework\Answer;
use Psr\Clock\ClockInterface;

/** A home's paper sheets, typed into a spreadsheet: so many well on a day. */
final readonly class HomeRows implements RowWriter
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function write(Import $import, \Closure $tell): int
    {
        $written = 0;
        foreach ($import->goodRows()->lazyById(1000) as $row) {
            $data = Fields::of($row->data);
            for ($n = 0; $n < $data->int('times'); $n++) {
                (new HomeRep)->forceFill([
                    'practice_id' => $import->practice_id, 'dog_id' => $data->int('dog'), 'homework_id' => $data->int('task'),
                    'user_id' => $import->user_id, 'uuid' => self::uuid((string) $row->uuid, $n), 'answer' => Answer::Good,
                    'note' => $n === 0 ? mb_substr($data->text('note'), 0, 300) : '', 'is_from_paper' => true,
                    'occurred_at' => $row->occurs_at?->modify("+{$n} seconds"), 'received_at' => $this->clock->now(),
                    'import_id' => $import->id,
                ])->save();
            }
            $tell(++$written);
        }

        return $written;
    }

    public static function uuid(string $row, int $nth): string
    {
        return UuidOfBytes::version(8, hash('sha256', "{$row} {$nth}", true));
    }
}
