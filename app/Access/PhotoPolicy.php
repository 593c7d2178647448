<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Photo;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A picture is seen and changed by whoever sees and changes what it shows. */
final readonly class PhotoPolicy
{
    public function __construct(private DogPolicy $dogs, private PlacePolicy $places)
    {
    }

    public function view(User $user, Photo $photo): Response
    {
        return match (true) {
            $photo->dog !== null => $this->dogs->view($user, $photo->dog),
            $photo->place !== null => $this->places->view($user, $photo->place),
            default => Response::denyAsNotFound(),
        };
    }

    public function update(User $user, Photo $photo): Response
    {
        return match (true) {
            $photo->dog !== null => $this->dogs->plan($user, $photo->dog),
            $photo->place !== null => $this->places->update($user, $photo->place),
            default => Response::denyAsNotFound(),
        };
    }
}
