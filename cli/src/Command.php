<?php

declare(strict_types=1);

namespace Cli;

/** One verb of bin/core: a document in, a document out, nothing kept between. */
interface Command
{
    /** Name of its schema in cli/schemas, and of the verb. */
    public function name(): string;

    /**
     * @param  array<mixed>  $document  valid against the schema
     * @return array<string, mixed>
     *
     * @throws InputProblem if the values contradict each other
     */
    public function answer(array $document): array;
}
