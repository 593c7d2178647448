@props(['name', 'bias'])
@if($bias?->hasMoved())
    <p>{{ say('film.known', ['name' => $name, 'stricter' => $bias->bands > 0, 'trials' => $bias->trials,
        'bands' => words()->formats->number(abs($bias->bands), 2), 'low' => words()->formats->number(abs($bias->bands) - $bias->off, 2),
        'high' => words()->formats->number(abs($bias->bands) + $bias->off, 2)]) }}</p>
@endif
