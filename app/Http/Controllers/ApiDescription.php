<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use OpenApi\Attributes as OA;

/**
 * What the OpenAPI description says once for all routes. `php artisan pasada:openapi` writes it from the attributes.
 */
#[OA\OpenApi(openapi: '3.1.0')]
#[
    OA\Info(
        version: '1',
        title: 'Pasada',
        description: 'All that the Pasada page does. Sign-in is a session cookie; send the XSRF-TOKEN cookie back as '.
            'X-XSRF-TOKEN header with everything but GET.',
    ),
]
#[OA\Server(url: '/api/v1')]
final class ApiDescription {}
