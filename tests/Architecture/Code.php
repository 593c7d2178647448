<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/** The classes below a folder with what each of them names, read by a parser: comments and strings do not count. */
final readonly class Code
{
    /**
     * @param  array<class-string|string, array{names: list<string>, calls: list<string>}>  $classes  by name; calls: names of the methods
     *    they call
     */
    private function __construct(public array $classes)
    {
    }

    public static function below(string $folder): self
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $find = new NodeFinder;
        $classes = [];
        foreach (self::files($folder, 'php') as $file) {
            $tree = (new NodeTraverser(new NameResolver))->traverse($parser->parse((string) file_get_contents($file)) ?? []);
            $class = $find->findFirstInstanceOf($tree, Node\Stmt\ClassLike::class);
            if ($class?->namespacedName === null) {
                continue;
            }
            $calls = array_map(
                static fn (Node $call): string => ($call instanceof Node\Expr\MethodCall || $call instanceof Node\Expr\StaticCall)
                    && $call->name instanceof Node\Identifier ? $call->name->name : '',
                $find->find($tree, static fn (
                    Node $node,
                ): bool => $node instanceof Node\Expr\MethodCall || $node instanceof Node\Expr\StaticCall),
            );
            $classes[$class->namespacedName->toString()] = [
                'names' => array_values(array_unique(array_map(
                    static fn (Node\Name\FullyQualified $name): string => $name->toString(),
                    $find->findInstanceOf($tree, Node\Name\FullyQualified::class),
                ))),
                'calls' => array_values(array_unique(array_filter($calls, static fn (string $call): bool => $call !== ''))),
            ];
        }
        ksort($classes);

        return new self($classes);
    }

    /** @return list<string> paths of the files of a kind below a folder */
    public static function files(string $folder, string $extension): array
    {
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS));
        $files = [];
        foreach ($all as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === $extension) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    /**
     * Which part names which, where a part is the first two segments of a name: "App\Plan", "Core\Ladder".
     *
     * @return array<string, array<string, list<string>>> classes that do, by part and by the part they name
     */
    public function arrows(): array
    {
        $arrows = [];
        foreach ($this->classes as $class => ['names' => $names]) {
            foreach ($names as $name) {
                [$from, $to] = [self::part($class), self::part($name)];
                if ($from !== $to && isset($this->classes[$name])) {
                    $arrows[$from][$to][] = $class;
                }
            }
        }

        return $arrows;
    }

    /** @return list<string> parts on some way that leads back to its beginning */
    public function cycles(): array
    {
        $to = array_map(array_keys(...), $this->arrows());
        $parts = array_keys($to);
        $isOn = static function (string $part) use ($to): bool {
            for ($seen = [], $next = $to[$part]; $next !== [];) {
                $one = array_pop($next);
                if ($one === $part) {
                    return true;
                }
                if (! isset($seen[$one])) {
                    $seen[$one] = true;
                    $next = [...$next, ...$to[$one] ?? []];
                }
            }

            return false;
        };

        return array_values(array_filter($parts, $isOn));
    }

    private static function part(string $class): string
    {
        return implode('\\', array_slice(explode('\\', $class), 0, 2));
    }
}
