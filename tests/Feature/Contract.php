<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\State\SessionState;
use App\Models\Session;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** What a device is told of a session, held against its schema; and what is kept of it, read again. */
final readonly class Contract
{
    /** @param  mixed  $state  as JSON told it */
    public static function holds(mixed $state, Session $session): void
    {
        $schema = json_decode((string) file_get_contents(resource_path('contract/session-state.json')));
        $result = (new Validator)->validate(json_decode(json_encode($state, JSON_THROW_ON_ERROR)), $schema);
        $error = $result->error();
        Assert::assertTrue($result->isValid(), $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error)));

        $kept = Session::query()->findOrFail($session->id)->state;
        Assert::assertSame($kept, json_decode((string) json_encode(SessionState::read($kept)), true), 'read as it was kept');
    }
}
