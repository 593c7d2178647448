<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Text is text: bytes that are none become the sign for that, and an address names words, not lists. A page that sends a whole form along
 * to ask for a part of itself may name lists too.
 */
final class ReadableInput
{
    /** The one list that an address names: the parts of a report. */
    private const LIST = 'parts';

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $query = $request->query->all();
        if ($request->headers->get('HX-Request') !== 'true') {
            $query = array_filter($query, static fn (mixed $value, int|string $name): bool => is_scalar($value)
                || $name === self::LIST && is_array($value) && array_is_list($value), ARRAY_FILTER_USE_BOTH);
        }
        $request->query = new InputBag($this->readable($query));
        $request->isJson()
            ? $request->setJson(new InputBag($this->readable($request->json()->all())))
            : $request->request = new InputBag($this->readable($request->request->all()));

        return $next($request);
    }

    /**
     * @param  array<mixed>  $input
     * @return array<string, array<mixed>|bool|float|int|string|null>
     */
    private function readable(array $input): array
    {
        $readable = [];
        foreach ($input as $name => $value) {
            $readable[mb_scrub((string) $name)] = match (true) {
                is_array($value) => $this->readable($value),
                // a zero byte ends a text for whatever reads it next
                is_string($value) => str_replace("\0", '', mb_check_encoding($value, 'UTF-8') ? $value : mb_scrub($value)),
                is_scalar($value) => $value,
                default => null,
            };
        }

        return $readable;
    }
}
