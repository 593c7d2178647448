<?php

declare(strict_types=1);

namespace Words;

/**
 * The words of one language, from files of messages in ICU syntax: lang/en/reasons.php, lang/es/reasons.php …
 *
 * What a language lacks is said in English. Where trainers and guardians are told differently, a message is a list by reader.
 *
 * $lexicon->say('reasons.opt-outs', ['count' => 3]) is "It said no 3 times in the last ten, with something changed in between: …"
 */
final class Lexicon
{
    public const FALLBACK = 'en';

    /** The language that shows what is not translated: every message in brackets, a third longer. For tests. */
    public const PSEUDO = 'qps';

    public readonly Formatters $formatters;

    /** @var array<string, array<mixed>> by language and file */
    private array $files = [];

    public function __construct(private readonly string $folder)
    {
        $this->formatters = new Formatters;
    }

    /**
     * @param  array<string, bool|int|float|string|null>  $facts  by name
     * @param  string  $language  such as en or es
     */
    public function say(string $key, array $facts = [], string $language = self::FALLBACK, Audience $audience = Audience::Trainer): string
    {
        $message = $this->find($key, $language, $audience);
        if ($message === null) {
            return $key;
        }
        $said = str_contains($message, '{') ? $this->formatted($message, $facts, $language) : $message;

        return $language === self::PSEUDO ? self::pseudo($said) : $said;
    }

    /** @return list<string> those in which every page can be read; a folder may also hold the words of a few pages only */
    public function languages(): array
    {
        $files = glob("{$this->folder}/*/layout.php");

        return array_map(static fn (string $file): string => basename(dirname($file)), is_array($files) ? $files : []);
    }

    public function has(string $key, string $language = self::FALLBACK): bool
    {
        return $this->find($key, $language, Audience::Trainer) !== null;
    }

    /** @return array<mixed> all messages below a key, as written; in English what the language lacks */
    public function below(string $key, string $language = self::FALLBACK): array
    {
        $found = $this->look($key, $language);
        $all = $this->look($key, self::FALLBACK);

        return array_replace_recursive(is_array($all) ? $all : [], is_array($found) ? $found : []);
    }

    private function find(string $key, string $language, Audience $audience): ?string
    {
        foreach ($language === self::PSEUDO ? [self::FALLBACK] : [$language, self::FALLBACK] as $of) {
            $found = $this->look($key, $of);
            if (is_array($found)) {
                $found = $found[$audience->value] ?? $found[Audience::Trainer->value] ?? null;
            }
            if (is_string($found)) {
                return $found;
            }
        }

        return null;
    }

    private function look(string $key, string $language): mixed
    {
        $parts = explode('.', $key);
        $file = (string) array_shift($parts);
        $found = $this->files["{$language} {$file}"] ??= $this->read($language, $file);
        foreach ($parts as $part) {
            if (! is_array($found) || ! array_key_exists($part, $found)) {
                return null;
            }
            $found = $found[$part];
        }

        return $found;
    }

    /** @return array<mixed> */
    private function read(string $language, string $file): array
    {
        $path = "{$this->folder}/{$language}/{$file}.php";
        if (preg_match('/^[a-z][a-z_-]*$/', $file) !== 1 || preg_match('/^[a-zA-Z_]+$/', $language) !== 1 || ! is_file($path)) {
            return [];
        }
        $messages = require $path;

        return is_array($messages) ? $messages : [];
    }

    /** @param  array<string, bool|int|float|string|null>  $facts */
    private function formatted(string $message, array $facts, string $language): string
    {
        $plain = array_map(static fn (bool|int|float|string|null $fact): int|float|string => match (true) {
            is_bool($fact) => $fact ? 'yes' : 'no',
            $fact === null => '',
            default => $fact,
        }, $facts);
        $said = $this->formatters->message($message, $plain, $language === self::PSEUDO ? self::FALLBACK : $language);

        return $said === null ? $message : trim($said);
    }

    private static function pseudo(string $said): string
    {
        // longer by words, not by one word that nothing could break
        return '⟦'.$said.implode(' ', mb_str_split(str_repeat('·', (int) ceil(mb_strlen($said) / 3)), 8)).'⟧';
    }
}
