<?php

declare(strict_types=1);

/* Somebody's own sign-in, invitations and one-time links. */
return [
    'title' => 'Your account',
    'who' => 'You',
    'signed_in_as' => 'Signed in to {practice} as {role}.',
    'name' => 'Name',
    'email' => 'Email address',
    'email_about' => 'You sign in with it, and mails go there.',
    'current_if_email' => 'Password, if you change the address',
    'save' => 'Save',
    'saved' => 'Saved.',
    'password' => 'Password',
    'current' => 'Your password now',
    'new' => 'New password',
    'choose_password' => 'Choose a password',
    'password_about' => 'At least {least, number} letters. A few words that do not belong together are easy to keep and hard to guess.',
    'change_password' => 'Change password',
    'password_changed' => 'Your password is changed. All your other devices have to sign in again.',
    'signed_out_from_elsewhere' => 'You were signed out of this device. What it has not handed over yet waits here until you sign in again.',
    'second_factor' => [
        'title' => 'Second step at sign-in',
        'about' => 'After the password, a code from an app on your phone: whoever learns your password still stays out.',
        'asked_of_owners' => 'You see and change everything here. Turn on the second step at sign-in: two minutes, once.',
        'begin' => 'Set it up',
        'read_this' => 'Let your code app read this picture, then type the six digits it shows.',
        'drawn' => 'Code to be read by an app; the same in letters stands below.',
        'or_type' => 'Or type this into the app:',
        'code' => 'Six digits from the app',
        'turn_on' => 'Turn it on',
        'turn_off' => 'Turn it off',
        'is_on_now' => 'The second step is on.',
        'is_off_now' => 'The second step is off.',
        'on_since' => 'On since {day}. {left, plural, =0 {No recovery code is left: turn it off and on again for new ones.} '
            .'one {One recovery code is left.} other {# recovery codes are left.}}',
        'keep_these' => 'Recovery codes: keep them where your phone is not.',
        'each_opens_once' => 'Each opens once in place of the app’s code. They are not shown again.',
    ],
    'devices' => [
        'title' => 'Signed in on',
        'this' => '(this device)',
        'seen' => 'last used {seen}, from {address}{isRemembered, select, yes {, stays signed in} other {}}',
        'end' => 'Sign out there',
        'end_others' => 'Sign out everywhere else',
        'ended' => 'Signed out there.',
        'ended_others' => 'Signed out everywhere else.',
    ],
    'code' => [
        'title' => 'One more step',
        'about' => 'Type the six digits your app shows, or one of your recovery codes.',
        'code' => 'Code',
        'too_late' => 'That took more than ten minutes. Please sign in again.',
    ],
    'forgotten' => [
        'title' => 'Forgotten password',
        'about' => 'Type your email address. If it has a sign-in here, a link to choose a new password is on its way.',
        'send' => 'Send the link',
        'back' => 'Back to signing in',
        'sent' => 'If that address has a sign-in here, a link is on its way. It works once, within an hour.',
    ],
    'reset' => ['title' => 'New password', 'for' => 'For {name}.', 'keep' => 'Save and sign in'],
    'join' => [
        'title' => 'Join {practice}',
        'as_owner' => '{by} asks you to join as an owner: you see everything, invite people and change the practice.',
        'as_trainer' => '{by} asks you to join as a trainer: you make plans and train all dogs.',
        'as_helper' => '{by} asks you to join as a helper: you see the dogs and log trials. Plans are made by trainers.',
        'as_guardian' => '{by} asks you to join{hasDog, select, yes { as {dog}’s person: you see and train {dog}, and no other dog} '
            .'other {: you see and train your own dogs, and no others}}.',
        'address' => 'You will sign in with {email}.',
        'join' => 'Join',
        'welcome' => 'Welcome to {practice}, {name}.',
    ],
    'link' => [
        'title' => 'This link no longer works',
        'invitation' => 'It was used already, was taken back, or is more than a week old. If you have joined, sign in; if not, '
            .'ask whoever invited you for a new one.',
        'password' => 'It was used already or is more than an hour old. Ask for a new one on the sign-in page.',
        'set_up' => 'It was used already or is more than a day old. Whoever runs this server can print a new one.',
    ],
    'set_up' => [
        'title' => 'A practice of your own',
        'about' => 'This link works once. You become the owner; everybody else is invited by you.',
        'practice' => 'The practice',
        'owner' => 'You',
        'make' => 'Start',
    ],
    'mail' => [
        'invitation_subject' => '{practice} asks you to join',
        'invitation' => "Hello {name},\n\n{by} asks you to join {practice} in Wheatear. Choose a password here:\n\n{link}\n\n"
            ."The link works once, within a week. If you do not know {by}, leave it.\n",
        'password_subject' => 'A new password for Wheatear',
        'password' => "Hello {name},\n\nsomebody asked for a new password for this address. Choose it here:\n\n{link}\n\n"
            ."The link works once, within an hour. If it was not you, leave it: your password stays as it is.\n",
    ],
    'problems' => [
        'name' => 'Give a name of at most 120 letters.',
        'practice' => 'Name the practice in at most 120 letters.',
        'email' => 'Give an email address, such as name@example.com.',
        'email_taken' => 'That address has a sign-in already. Take another.',
        'zone' => 'Choose a time zone from the list, such as Europe/London.',
        'password' => 'A password has {least, number} to {most, number} letters.',
        'common' => 'That password is among the first that are tried. Take a few words that do not belong together.',
        'current' => 'That is not your password now.',
        'code' => 'That code does not fit. Take the one the app shows now.',
    ],
];
