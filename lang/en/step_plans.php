<?php

declare(strict_types=1);

return [
    'edit' => [
        'edit_the_template' => 'Edit the step plan',
        'words_order_and_criteria_are_changed' => 'Words, order and when to move on are changed here. To change what makes a step hard, make a plan from it, work on its steps and save them under the same name.',
        'name' => 'Name',
        'what_it_is_for' => 'What it is for',
        'place' => 'Place',
        'steps_to_of' => 'Steps {from} to {to} of {template}',
        'run' => 'Run',
        'take_out' => 'take out',
        'step' => 'step {i}',
        'keep_it' => 'Save',
        'title' => 'Edit {name}',
    ],
    'list' => [
        'templates' => 'Step plans',
        'ladders_to_begin_from_each_is' => 'Steps to begin from. Each plan is copied for a dog and a person, fitted to that dog with steps put between where one would be too hard, and changed from there.',
        'is_left_out_it_cannot_be' => '{value} is left out: it cannot be read. {why} Import a mended one under the same key, or take it out.',
        'steps' => '{count, plural, one {# step} other {# steps}}{key, select, yes {, our own} other {}}',
        'take_over_a_template' => 'Import a step plan',
        'file' => 'File',
        'json_one_template_or_several_the' => 'JSON, one step plan or several; the format stands in docs/formats.md.',
        'or_its_text' => 'or its text',
        'take_it_over' => 'Import',
    ],
    'show' => [
        'templates' => 'Step plans',
        'method' => 'Method',
        'first' => 'Skills needed first',
        'cautions' => 'Cautions',
        'export_as_json' => 'Export as JSON',
        'edit' => 'Edit',
        'take_it_out' => 'Take it out',
        'steps_of_the_template' => 'Steps of the plan',
        'step' => 'Step',
        'what_to_do' => 'What to do',
        'exposure' => 'Setup',
        'move_on' => 'Move on',
        'food_dog_who' => 'Food, dog, who',
        'hands_eyes' => 'Hands, eyes',
        'strands' => 'About',
        'way' => '{percent} of the way, {setup}',
        'nothing' => 'nothing',
    ],
];
