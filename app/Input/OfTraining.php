<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\Session;
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
}
