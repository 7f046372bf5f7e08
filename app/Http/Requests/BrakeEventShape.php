<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;

/** A brake event in the open format, for the description of the API; the core's EventReader reads and checks it. */
#[
    OA\Schema(
        schema: 'BrakeEvent',
        required: ['at_ms', 'kind'],
        properties: [
            new OA\Property(property: 'at_ms', type: 'integer', description: 'of a real clock'),
            new OA\Property(property: 'kind', type: 'string', enum: EventKind::class),
            new OA\Property(property: 'to', type: 'string'),
            new OA\Property(property: 'primary', type: 'number', description: 'psi'),
            new OA\Property(property: 'secondary', type: 'number', description: 'psi'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'text', type: 'string', description: 'the words of a spoken event'),
            new OA\Property(property: 'test', type: 'string', enum: BrakeTest::class),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BrakeEntry',
        required: ['id'],
        description: 'An observation with its id, or the id of the one that it takes back',
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; sending it twice counts once',
            ),
            new OA\Property(
                property: 'undoes',
                type: 'string',
                format: 'uuid',
                description: 'an observation that is taken back; nothing else stands beside it then',
            ),
            new OA\Property(property: 'walk_ms', type: 'integer', description: 'time in the walk'),
            new OA\Property(property: 'at_ms', type: 'integer', description: 'of a real clock'),
            new OA\Property(property: 'kind', type: 'string', enum: EventKind::class),
            new OA\Property(property: 'to', type: 'string'),
            new OA\Property(property: 'primary', type: 'number', description: 'psi'),
            new OA\Property(property: 'secondary', type: 'number', description: 'psi'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'text', type: 'string', description: 'the words of a spoken event'),
            new OA\Property(property: 'test', type: 'string', enum: BrakeTest::class),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BrakeObservation',
        required: ['id', 'at_ms', 'kind'],
        description: 'An event with its id and the time in the walk',
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; sending it twice counts once',
            ),
            new OA\Property(property: 'walk_ms', type: 'integer', description: 'time in the walk'),
            new OA\Property(property: 'at_ms', type: 'integer', description: 'of a real clock'),
            new OA\Property(property: 'kind', type: 'string', enum: EventKind::class),
            new OA\Property(property: 'to', type: 'string'),
            new OA\Property(property: 'primary', type: 'number', description: 'psi'),
            new OA\Property(property: 'secondary', type: 'number', description: 'psi'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'text', type: 'string', description: 'the words of a spoken event'),
            new OA\Property(property: 'test', type: 'string', enum: BrakeTest::class),
        ],
    ),
]
final class BrakeEventShape {}
