<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Translation\Loader;
use Words\Lexicon;
use Words\Reader;

/** The framework's own messages (validation) in the reader's language; marked where that is the pseudo-language. */
final class Translator extends \Illuminate\Translation\Translator
{
    public function __construct(Loader $loader, string $locale, private readonly Container $container)
    {
        parent::__construct($loader, $locale);
        $this->setFallback(Lexicon::FALLBACK);
    }

    /**
     * @param  string  $key
     * @param  array<mixed>  $replace
     * @param  ?string  $locale
     * @param  bool  $fallback
     * @return string|array<mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true)
    {
        $language = $this->container->make(Reader::class)->language;
        $found = parent::get($key, $replace, $locale ?? ($language === Lexicon::PSEUDO ? Lexicon::FALLBACK : $language), $fallback);

        return $language === Lexicon::PSEUDO && is_string($found) && $found !== $key && str_starts_with((string) $key, 'validation.')
            ? "⟦{$found}⟧"
            : $found;
    }
}
