<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\Dog;
use Illuminate\Support\Facades\Gate;

/** A request about the dog in its route, for whoever may plan for that dog. */
trait OfDog
{
    public function authorize(): bool
    {
        Gate::authorize('plan', $this->dog());

        return true;
    }

    private function dog(): Dog
    {
        $dog = $this->route('dog');

        return $dog instanceof Dog ? $dog : throw new \LogicException('The route binds a dog.');
    }
}
