<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Ledger;
use Pasada\Core\Attempt\Replay;
use Pasada\Core\Attempt\Route;
use Pasada\Core\CoreException;
use Pasada\Core\Document\Faults;

arch('the core knows no framework')
    ->expect('Pasada\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'Carbon', 'App', 'Symfony']);

arch('the core asks no clock, chance, setting or file')
    ->expect([
        'now', 'config', 'app', 'env', 'date', 'time', 'microtime', 'hrtime', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'uniqid', 'shuffle', 'file_get_contents', 'file_put_contents', 'getenv', 'dd', 'dump',
        'var_dump',
    ])
    ->not->toBeUsedIn('Pasada\Core');

arch('core classes are final')->expect('Pasada\Core')->classes()->toBeFinal();

arch('core classes are readonly, but for those that live for one reading or replay, and the exceptions')
    ->expect('Pasada\Core')
    ->classes()
    ->toBeReadonly()
    ->ignoring([
        Ledger::class,
        Replay::class,
        Route::class,
        Pasada\Core\Attempt\Tally::class, Pasada\Core\Attempt\SaidDetails::class, Pasada\Core\Attempt\Defects::class, Pasada\Core\Brakes\Air\AirDevices::class,
        Pasada\Core\Scoring\SpokenOf::class,
        Pasada\Core\Scoring\Order\SectionOrder::class,
        Faults::class,
        Pasada\Core\Brakes\Air\AirSystem::class,
        Pasada\Core\Brakes\Air\AirMode::class,
        Pasada\Core\Listening\Binding\Topic::class,
        Pasada\Core\Listening\Binding\Denial::class,
        Pasada\Core\Listening\Binding\Finding::class,
        Pasada\Core\Listening\Binding\StatementBinder::class,
        'Captioning',
        Pasada\Core\Document\DocumentHasFaults::class,
        Pasada\Core\Inspection\NothingToInspect::class,
        Pasada\Core\Attempt\Marks\MarksConflict::class,
        Pasada\Core\Brakes\Events\EntriesConflict::class,
        'Pasada\Core\Tests',
    ]);

arch('every exception of the core can be caught as one')
    ->expect([
        Pasada\Core\Document\DocumentHasFaults::class,
        Pasada\Core\Inspection\NothingToInspect::class,
        Pasada\Core\Attempt\Marks\MarksConflict::class,
        Pasada\Core\Brakes\Events\EntriesConflict::class,
    ])
    ->toImplement(CoreException::class);

arch('strict types everywhere')->expect('Pasada\Core')->toUseStrictTypes();
