<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Inspection\Side;

/** A mark in the open format, for the description of the API; the core's MarkReader reads and checks it. */
#[
    OA\Schema(
        schema: 'Mark',
        required: ['id', 'at_ms', 'kind'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; sending it twice counts once',
            ),
            new OA\Property(property: 'at_ms', type: 'integer', description: 'time in the walk, in milliseconds'),
            new OA\Property(property: 'kind', type: 'string', enum: MarkKind::class),
            new OA\Property(property: 'item', type: 'string'),
            new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'string', enum: Point::class)),
            new OA\Property(property: 'place', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'side', type: 'string', enum: Side::class),
            new OA\Property(
                property: 'value',
                type: 'number',
                description: 'a figure as it was said, in the unit of the item',
            ),
            new OA\Property(property: 'from', type: 'string', description: 'axle or side that a reference names'),
            new OA\Property(
                property: 'except',
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'items that a reference leaves out',
            ),
            new OA\Property(property: 'section', type: 'string'),
            new OA\Property(
                property: 'evidence',
                type: 'string',
                description: 'the words it rests on, where it was proposed from speech',
            ),
            new OA\Property(
                property: 'said',
                type: 'string',
                enum: SaidWhen::class,
                description: 'where it was not marked as it was said, but at the finish or by amendment',
            ),
            new OA\Property(property: 'undoes', type: 'string', format: 'uuid'),
        ],
    ),
]
final class MarkShape {}
