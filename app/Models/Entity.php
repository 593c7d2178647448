<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** What is stored. */
abstract class Entity extends Model
{
    /**
     * By name only. The framework also looks at each of a model's five hundred methods for attributes, which none of ours has: that takes
     * longer than all else of it, for each kind of record that a request touches.
     */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                (new \ReflectionMethod(static::class, "boot{$name}"))->invoke(null);
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
