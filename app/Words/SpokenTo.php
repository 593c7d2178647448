<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Container\Container;
use Words\Reader;

/** Has something said to another reader than whoever asks: in a report's language, or by the worker to whoever it works for. */
final readonly class SpokenTo
{
    public function __construct(private Container $container)
    {
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $say
     * @return T
     */
    public function reader(Reader $reader, \Closure $say): mixed
    {
        $before = $this->container->make(Reader::class);
        $this->container->instance(Reader::class, $reader);
        try {
            return $say();
        } finally {
            $this->container->instance(Reader::class, $before);
        }
    }
}
