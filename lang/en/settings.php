<?php

declare(strict_types=1);

return [
    'title' => 'Language, units and clock',
    'own' => 'For you',
    'practice' => 'For everyone in the practice',
    'practice_about' => 'Used wherever somebody has not chosen otherwise.',
    'as_practice' => 'as the practice has it: {value}',
    'language' => 'Language',
    'distance' => 'Distances',
    'system' => 'Weights, gear and speed',
    'clock' => 'Clock',
    'save' => 'Save',
    'saved' => 'Saved.',
    'saved_practice' => 'Saved for the practice.',
    'languages' => ['en' => 'English'],
    'systems' => ['metric' => 'kilograms, grams, centimeters, meters per second', 'imperial' => 'pounds, ounces, inches, miles per hour'],
    'clocks' => ['12' => '6:05 PM', '24' => '18:05'],
    'problems' => [
        'language' => 'Choose one of the languages shown.',
        'distance_unit' => 'Choose meters, yards or feet.',
        'system' => 'Choose kilograms or pounds.',
        'clock' => 'Choose the 12-hour or the 24-hour clock.',
    ],
];
