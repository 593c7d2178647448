<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Gear\BasketCheck;
use Core\Gear\CollarCheck;
use Core\Gear\Finding;
use Core\Gear\HarnessCheck;
use Words\Phrases;

/** A basket, a collar or a harness against a dog's measures. */
final readonly class FitCheck implements Command
{
    public function __construct(private Phrases $phrases)
    {
    }

    public function name(): string
    {
        return 'fit-check';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $answer = [];
        foreach (['basket' => self::basket(...), 'collar' => self::collar(...), 'harness' => self::harness(...)] as $item => $check) {
            if ($read->has($item)) {
                $answer[$item] = array_map(fn (Finding $finding): array => [
                    'verdict' => $finding->verdict->value, 'code' => $finding->code->value, 'centimeters' => $finding->centimeters,
                    'sentence' => $this->phrases->finding($finding),
                ], $read->at($item)->build($check));
            }
        }

        return $answer;
    }

    /** @return list<Finding> */
    private static function basket(Document $of): array
    {
        $cm = static fn (string $field): float => $of->at($field)->number();

        return BasketCheck::check(
            $cm('noseLength'), $cm('closedGirth'), $cm('openGirth'), $cm('openHeight'), $cm('insideLength'), $cm('insideGirth'),
            $cm('insideHeight'), $of->at('shortNosed')->flag(),
        );
    }

    /** @return list<Finding> */
    private static function collar(Document $of): array
    {
        return CollarCheck::check(
            $of->at('neck')->number(), $of->at('head')->number(), $of->at('worn')->number(),
            $of->has('open') ? $of->at('open')->number() : null,
        );
    }

    /** @return list<Finding> */
    private static function harness(Document $of): array
    {
        return HarnessCheck::check(
            $of->at('chest')->number(), $of->at('strap')->number(), $of->at('elbow')->number(), $of->at('legFree')->flag(true),
        );
    }
}
