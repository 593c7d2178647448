<?php

declare(strict_types=1);

return [
    'sign_in' => [
        'not_signed_in' => 'Not signed in:',
        'sign_in' => 'Sign in',
        'plans_trials_and_step_by_step' => 'Plans, trials and step-by-step advice that help a dog stay below threshold.',
        'email_address' => 'Email address',
        'password' => 'Password',
        'stay_signed_in_on_this_device' => 'Stay signed in on this device',
    ],
];
