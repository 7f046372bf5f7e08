<?php

declare(strict_types=1);

use Illuminate\Support\Env;

// Mail is sent only where MAIL_HOST names a server (docs/operations.md); everything works without.
return [
    'default' => 'smtp',
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'host' => Env::get('MAIL_HOST'),
            'port' => Env::get('MAIL_PORT', 587),
            'username' => Env::get('MAIL_USERNAME'),
            'password' => Env::get('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => Env::get('MAIL_FROM', 'pasada@localhost'), 'name' => 'Pasada'],
];
