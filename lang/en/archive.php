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
