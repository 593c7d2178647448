<?php

declare(strict_types=1);

namespace Bench\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\ParserFactory;

/** Small changes to a file, each of one place: what a slip of the keyboard or of the mind would do. */
final readonly class Mutants
{
    private const FLIPPED = [
        BinaryOp\Smaller::class => '>=', BinaryOp\SmallerOrEqual::class => '>', BinaryOp\Greater::class => '<=',
        BinaryOp\GreaterOrEqual::class => '<',
        BinaryOp\Identical::class => '!==', BinaryOp\NotIdentical::class => '===',
    ];

    private const MOVED = [
        BinaryOp\Smaller::class => '<=', BinaryOp\SmallerOrEqual::class => '<', BinaryOp\Greater::class => '>=',
        BinaryOp\GreaterOrEqual::class => '>',
    ];

    private const OTHER = [
        BinaryOp\Plus::class => '-', BinaryOp\Minus::class => '+', BinaryOp\Mul::class => '/', BinaryOp\Div::class => '*',
        BinaryOp\BooleanAnd::class => '||',
        BinaryOp\BooleanOr::class => '&&',
    ];

    /**
     * Places in bytes; lines of the statement a change is in.
     *
     * @return list<array{kind: string, line: int, lines: array{int, int}, from: int, length: int, by: string}>
     */
    public static function of(string $code): array
    {
        $tree = (new NodeTraverser(new ParentConnectingVisitor))->traverse((new ParserFactory)->createForHostVersion()->parse($code) ?? []);
        $found = [];
        foreach ((new NodeFinder)->find($tree, static fn (Node $node): bool => true) as $node) {
            foreach (self::ofNode($node, $code) as [$kind, $from, $length, $by]) {
                $found[] = [
                    'kind' => $kind, 'line' => substr_count($code, "\n", 0, $from) + 1, 'lines' => self::lines($node), 'from' => $from,
                    'length' => $length, 'by' => $by,
                ];
            }
        }

        return $found;
    }

    /** @return array{int, int} of the statement around a node: what is counted as run is not every line of it */
    private static function lines(Node $node): array
    {
        while (! $node instanceof Node\Stmt && $node->getAttribute('parent') instanceof Node) {
            $node = $node->getAttribute('parent');
        }

        // a constant of a class is used anywhere in it
        if ($node instanceof Node\Stmt\ClassConst || $node instanceof Node\Stmt\Property) {
            $class = $node->getAttribute('parent');
            $node = $class instanceof Node ? $class : $node;
        }

        return [$node->getStartLine(), $node->getEndLine()];
    }

    /** Whether it says how a list is searched: where all are of one type, as here, either way finds the same. */
    private static function isStrictness(Node $node): bool
    {
        $argument = $node->getAttribute('parent');
        $call = $argument instanceof Node\Arg ? $argument->getAttribute('parent') : null;

        return $call instanceof Node\Expr\FuncCall && $call->name instanceof Node\Name
            && in_array($call->name->toLowerString(), ['in_array', 'array_search', 'array_keys'], true);
    }

    /** @return iterable<array{string, int, int, string}> kind, place, length, what stands there instead */
    private static function ofNode(Node $node, string $code): iterable
    {
        [$from, $end] = [$node->getStartFilePos(), $node->getEndFilePos() + 1];
        if ($node->getAttribute('parent') instanceof Node\DeclareItem) {
            return;
        }
        if ($node instanceof BinaryOp) {
            foreach (['comparison' => self::FLIPPED, 'boundary' => self::MOVED, 'operator' => self::OTHER] as $kind => $table) {
                if (isset($table[$node::class])) {
                    $operator = $node->getOperatorSigil();
                    $at = strpos($code, $operator, $node->left->getEndFilePos() + 1);
                    if ($at !== false && $at < $node->right->getStartFilePos()) {
                        yield [$kind, $at, strlen($operator), $table[$node::class]];
                    }
                }
            }
        }
        if ($node instanceof Scalar\Int_ && $node->value > 0) {
            yield ['constant', $from, $end - $from, (string) ($node->value + 1)];
        }
        if ($node instanceof Scalar\Float_ && $node->value !== 0.0) {
            yield ['constant', $from, $end - $from, var_export($node->value * 1.25, true)];
        }
        if ($node instanceof Node\Expr\BooleanNot) {
            yield ['negation', $from, 1, '(bool)'];
        }
        $name = $node instanceof Node\Expr\ConstFetch ? $node->name->toLowerString() : '';
        if (in_array($name, ['true', 'false'], true) && ! self::isStrictness($node)) {
            yield ['constant', $from, $end - $from, $name === 'true' ? 'false' : 'true'];
        }
        $isCall = $node instanceof Node\Stmt\Expression && (
            $node->expr instanceof Node\Expr\MethodCall
                || $node->expr instanceof Node\Expr\StaticCall
                || $node->expr instanceof Node\Expr\AssignOp
        );
        if ($isCall) {
            yield ['statement', $from, $end - $from, ';'];
        }
        if ($node instanceof Node\Stmt\If_ && $node->else === null && $node->elseifs === []) {
            yield ['branch', $node->cond->getStartFilePos(), $node->cond->getEndFilePos() + 1 - $node->cond->getStartFilePos(), 'false'];
        }
    }
}
