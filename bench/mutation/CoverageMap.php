<?php

declare(strict_types=1);

namespace Bench\Mutation;

use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Writes down which test runs which line, whatever a test says that it covers. Appends a line of JSON for each test to the file named
 * by COVERAGE_MAP; needs the extension pcov.
 */
final class CoverageMap implements Extension
{
    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $to = (string) getenv('COVERAGE_MAP');
        if ($to === '') {
            return;
        }
        $facade->registerSubscriber(new class implements PreparationStartedSubscriber
        {
            public function notify(PreparationStarted $event): void
            {
                \pcov\clear();
                \pcov\start();
            }
        });
        $facade->registerSubscriber(new class($to) implements FinishedSubscriber
        {
            public function __construct(private readonly string $to)
            {
            }

            public function notify(Finished $event): void
            {
                \pcov\stop();
                $ran = [];
                foreach (\pcov\collect(\pcov\all) as $file => $lines) {
                    $ran[$file] = array_keys(array_filter($lines, static fn (int $times): bool => $times > 0));
                }
                file_put_contents(
                    $this->to,
                    json_encode(['test' => $event->test()->id(), 'ran' => $ran], JSON_THROW_ON_ERROR)."\n",
                    FILE_APPEND,
                );
            }
        });
    }
}
