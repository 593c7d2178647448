<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\Session;
use App\Models\User;
use Core\Measure\DistanceUnit;
use Illuminate\Support\Facades\Gate;

/** A request about a training session in its route, for whoever may see that session. */
trait OfTraining
{
    public function authorize(): bool
    {
        Gate::authorize('view', $this->training());

        return true;
    }

    private function training(): Session
    {
        $session = $this->route('session');

        return $session instanceof Session ? $session : throw new \LogicException('The route binds a session.');
    }

    /** In which whoever is signed in types distances. */
    private function unit(): DistanceUnit
    {
        $user = $this->user();

        return $user instanceof User ? $user->units()->distance : throw new \LogicException('The route asks for a signed-in user.');
    }
}
