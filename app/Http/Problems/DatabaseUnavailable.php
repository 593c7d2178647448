<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\Support\Fields;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\ViewErrorBag;

/** The database is down: 503, with what was typed kept on the page and one button to try again. */
final readonly class DatabaseUnavailable
{
    /**
     * Server gone or unreachable, as MariaDB's client reports it; a node of a cluster that is cut off from the others; and, after tries of
     * our own, somebody else's write at the same moment; a disk that is full. In all of them nothing was stored, and the same again is
     * right.
     */
    private const CODES = [2002, 2003, 2006, 2013, 1053, 1927, 1047, 1205, 1213, 1021, 1026, 1030, 1114, 1180];

    public function __invoke(QueryException|\PDOException $problem, Request $request): mixed
    {
        if (! self::isConnectionLost($problem)) {
            return null;
        }
        if ($request->expectsJson()) {
            return response()->json(
                ['message' => say('messages.database_unavailable.the_database_cannot_be_reached_nothing')], 503, ['Retry-After' => '5'],
            );
        }

        return new Response(view('problems.database', [
            'typed' => $request->isMethod('GET') ? [] : self::flat($request->except(['_token', 'password'])),
            'action' => $request->getRequestUri(),
            'errors' => new ViewErrorBag,
        ])->render(), 503, ['Retry-After' => '5']);
    }

    private static function isConnectionLost(\PDOException $problem): bool
    {
        $code = Fields::of(['code' => $problem->errorInfo[1] ?? $problem->getCode()])->int('code');
        $inner = $problem->getPrevious();

        return in_array($code, self::CODES, true) || str_contains($problem->getMessage(), 'Connection refused')
            || ($inner instanceof \PDOException && in_array((int) $inner->getCode(), self::CODES, true));
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array<string, string> by the name of the form field
     */
    private static function flat(array $fields, string $prefix = ''): array
    {
        $flat = [];
        foreach ($fields as $key => $value) {
            $name = $prefix === '' ? (string) $key : "{$prefix}[{$key}]";
            $flat += is_array($value) ? self::flat($value, $name) : (is_scalar($value) ? [$name => (string) $value] : []);
        }

        return $flat;
    }
}
