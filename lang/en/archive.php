<?php

declare(strict_types=1);

/* Everything of a practice as one file. */
return [
    'title' => 'Archive of the practice',
    'about' => 'Everything of this practice in one file: each list as JSON and as CSV, pictures, and a readme. It holds names, addresses and what was logged of every dog: store it as carefully as the practice itself.',
    'make' => 'Make an archive',
    'so_far' => 'Archives so far',
    'none' => 'None yet.',
    'making' => 'Making the archive',
    'download' => 'Download ({megabytes} MB)',
    'checksum' => 'Checksum of what is in it:',
    'failed' => 'It could not be made. Try again; if it happens again, tell whoever runs this server.',
    'gone' => 'Made, and gone by now: the newest three are saved.',
    'dog' => [
        'title' => 'The dog as a file',
        'title_of' => 'The dog as a file: {dog}',
        'about' => 'For the next trainer, when their practice works with this program too: {dog} with everything chosen below, one file, and nothing typed twice. Anyone who has the file can read it, so ask the guardian first and hand it over with care.',
        'goes_along' => 'What goes along',
        'always' => 'Name, looks, age, chip, and whether it has bitten or hides signs always go along: whoever works with it next must know.',
        'parts' => [
            'plans' => 'Plans and every session and trial of them, with notes',
            'skills' => 'Skills shown, and what was seen outside of plans',
            'handling' => 'Handling: where it may be touched, gear, muzzle',
            'history' => 'Intake, scares and incidents',
            'health' => 'Health: weight, medication, conditions',
            'home' => 'Homework and what was done at home',
            'picture' => 'Its picture',
        ],
        'stays' => 'Guardians and their addresses, messages, appointments and reports stay here. Trainers, helpers and places go along by name.',
        'make' => 'Make the file',
        'bring' => 'A dog from another practice',
        'bring_about' => 'Take in the file that its trainer made. All of it is taken in, or nothing. Whoever worked with the dog there, and where, is told by name. Its plans stay with them until you give each to the person who goes on; that person begins with easier steps, as anyone new to the dog does.',
        'file' => 'File of the dog',
        'file_about' => 'Ends in .dog.zip, at most {most} MB.',
        'take_in' => 'Take it in',
        'taken_in' => '{dog} is here. Read the cautions, add its household, and give each plan to the person who goes on with it.',
        'problems' => [
            'parts' => 'Choose from the parts on this page.',
            'file' => 'Choose the file of the dog: it ends in .dog.zip and has at most {most} MB.',
            'too_large' => 'This is larger than {most} MB, or unpacks to more than a dog can have. Ask for one with fewer parts.',
            'not_one' => 'This is not the file of a dog. Ask its trainer for the one that “The dog as a file” makes.',
            'newer' => 'This file was made by a newer version of this program. Have this one updated first.',
            'damaged' => 'This file is damaged or was changed. Ask for it again. Nothing was taken in.',
            'not_empty' => 'This file was not taken in.',
            'already_here' => 'What this file holds is here already. Nothing was taken in.',
        ],
        'readme' => 'The dog “{dog}” of the practice “{practice}”, as it was on {day}, with the parts that were chosen.

archive.json   what is in here: format, version, rows and checksum of each list
data/          one file for each list, one record in a line (JSON)
schema/        what a record of each list may hold (JSON Schema)
csv/           the same lists for a spreadsheet
pictures/      its picture, where that was chosen

Records are numbered from 1 within their list and point to each other by these numbers. Times are UTC, distances meters, weights kilograms.
To take it in: Dogs, Add a dog, A dog from another practice.',
    ],
    'readme' => 'The practice “{practice}” as it was on {day}.

archive.json   what is in here: format, version, rows and checksum of each list
data/          one file for each list, one record in a line (JSON)
schema/        what a record of each list may hold (JSON Schema)
csv/           the same lists for a spreadsheet; trail.csv tells who did what when
pictures/      photos, in the order of data/photos.jsonl

Records are numbered from 1 within their list and point to each other by these numbers. Times are UTC, distances meters, weights kilograms.
Left out: passwords, links and tokens, as they open something; proposals, imports and calendars of others, as they can be made anew.

To restore it into an empty practice, whoever runs the server types:
    php artisan wheatear:restore-practice FILE OWNER-EMAIL
The first owner becomes that owner. Others keep their names and are invited again. PDFs of reports are drawn again when asked for.',
];
