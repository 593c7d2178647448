<?php

declare(strict_types=1);

/*
 * What is tried first when a password is guessed, in letters alone: digits and signs around and in place of letters are taken off before.
 * From memory of published lists of leaked passwords, and what suggests itself in this work.
 */
return [
    'aaaaaa', 'abcabc', 'abcdabcd', 'abcdef', 'abcdefgh', 'access', 'accessgranted', 'admin', 'adminadmin',
    'administration', 'administrator', 'america', 'angel', 'angels', 'april', 'arsenal', 'asdfghjkl', 'ashley',
    'august', 'autumn', 'babygirl', 'baddog', 'banana', 'barcelona', 'baseball', 'basketball', 'batman',
    'behavior', 'belowthreshold', 'blessed', 'business', 'buster', 'butterfly', 'california', 'changeme', 'changemenow',
    'charlie', 'cheese', 'chelsea', 'chocolate', 'clicker', 'clickertraining', 'company', 'computer', 'contrasena',
    'cookie', 'cookiemonster', 'correcthorse', 'correcthorsebatterystaple', 'daniel', 'december', 'default', 'defaultpassword', 'diamond',
    'dog', 'doggie', 'doggy', 'doglover', 'doglovers', 'dogs', 'dogtrainer', 'dogtrainers', 'dogtraining',
    'dragon', 'england', 'family', 'february', 'fetch', 'firstpassword', 'flower', 'flowers', 'football',
    'footballer', 'forever', 'forevermore', 'freedom', 'friday', 'friends', 'ginger', 'god', 'golden',
    'goodboy', 'gooddog', 'goodgirl', 'granted', 'guest', 'guestguest', 'heaven', 'hello', 'hellohello',
    'helloworld', 'hockey', 'horsebatterystaple', 'hunter', 'ihateyou', 'ilovedogs', 'ilovemydog', 'ilovemydogs', 'iloveu',
    'iloveyou', 'iloveyouforever', 'iloveyouso', 'internet', 'january', 'jennifer', 'jessica', 'jesus', 'jesuschrist',
    'jordan', 'july', 'june', 'killer', 'kitten', 'kittycat', 'leash', 'letmein', 'letmeinnow',
    'letmeinplease', 'letters', 'liverpool', 'login', 'loginlogin', 'london', 'lovelove', 'loveyou', 'lucky',
    'luckyday', 'manchester', 'march', 'master', 'michael', 'minecraft', 'monday', 'monkey', 'monkeybusiness',
    'motdepasse', 'mustang', 'mydog', 'mylove', 'mypassword', 'mysecret', 'newpassword', 'newyork', 'nopassword',
    'nopasswords', 'nothing', 'november', 'numbers', 'october', 'office', 'oldpassword', 'onetwothreefour', 'orange',
    'paris', 'passphrase', 'password', 'passwordone', 'passwordpassword', 'passwort', 'pepper', 'pleasechangeme', 'pokemon',
    'prince', 'princess', 'puppies', 'puppy', 'puppylove', 'purple', 'qazwsx', 'qazwsxedc', 'qwerty',
    'qwertyqwerty', 'qwertyuiop', 'rainbow', 'realmadrid', 'root', 'rootroot', 'saturday', 'secret', 'september',
    'shadow', 'silver', 'sitstay', 'soccer', 'spiderman', 'spring', 'startrek', 'starwars', 'student',
    'summer', 'sunday', 'sunshine', 'sunshineandrain', 'superman', 'system', 'teacher', 'temppassword', 'testing',
    'testpassword', 'testtest', 'thepassword', 'thisismypassword', 'thomas', 'threshold', 'thursday', 'tigger', 'toor',
    'topsecret', 'traindogs', 'trainer', 'trainertrainer', 'treats', 'trustno', 'trustnoone', 'tuesday', 'unicorn',
    'user', 'username', 'useruser', 'wachtwoord', 'walkies', 'wednesday', 'welcome', 'welcomeback', 'welcomehome',
    'whatever', 'wheatear', 'winter', 'yellow', 'zxcvbnm',
];
