<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Links;
use App\Access\Passwords;
use App\Actions\School\SetUpSchool;
use App\Actions\School\SignIn;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\PasswordRequest;
use App\Http\Requests\People\SetUpRequest;
use App\Http\Resources\School\UserResource;
use App\Models\AccessLink;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** The ways in for somebody who has no password yet: the first manager's code, and a link. */
final readonly class AccessController
{
    #[
        OA\Post(
            path: '/setup', operationId: 'setUp', summary: 'Set up the school of this installation, once',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SetUpRequest::class)),
            responses: [
                new Answered(201, 'The manager, signed in', UserResource::class),
                new Refused(422, 'The code, or something about the school'), new Refused(429, 'Too many tries'),
            ],
        ),
    ]
    public function setUp(SetUpRequest $request, SetUpSchool $setUp, SignIn $signIn): JsonResponse
    {
        $manager = $setUp->handle(
            $request->string('code')->toString(), $request->told(), $request->string('password')->toString(),
            Carbon::now(),
        );

        return new JsonResponse(UserResource::of($signIn->enter($manager, (string) $request->ip())), 201);
    }

    #[
        OA\Get(
            path: '/links/{token}', operationId: 'readLink', summary: 'For whom a link is',
            parameters: [
                new OA\Parameter(name: 'token', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'Who', content: new OA\JsonContent(
                    required: ['name', 'email', 'school'],
                    properties: [
                        new OA\Property(property: 'name', type: 'string'),
                        new OA\Property(property: 'email', type: 'string'),
                        new OA\Property(property: 'school', type: 'string'),
                    ],
                )),
                new Refused(410, 'Used, too old, or none of ours'),
            ],
        ),
    ]
    public function show(string $token, Links $links): JsonResponse
    {
        $user = $links->find($token, Carbon::now())->user;

        return new JsonResponse(['name' => $user->name, 'email' => $user->email, 'school' => $user->school->name]);
    }

    #[
        OA\Post(
            path: '/links/{token}', operationId: 'useLink', summary: 'Set the password, once, and sign in',
            parameters: [
                new OA\Parameter(name: 'token', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
            ],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PasswordRequest::class)),
            responses: [
                new Answered(200, 'Signed in', UserResource::class),
                new OA\Response(
                    response: 204, description: 'Set; sign in with it and the code of the second factor',
                ),
                new Refused(410, 'Used, too old, or none of ours'), new Refused(422, 'Too weak'),
            ],
        ),
    ]
    public function use(
        PasswordRequest $request, string $token, Links $links, Passwords $passwords, SignIn $signIn,
        ConnectionInterface $database,
    ): JsonResponse|UserResource {
        $now = Carbon::now();
        $user = $database->transaction(static function () use ($request, $token, $links, $passwords, $now): User {
            $link = $links->find($token, $now);
            // Held: of two that come at once with the same link, one is late.
            AccessLink::query()->whereKey($link->id)->lockForUpdate()->first();
            $link = $links->find($token, $now);
            $passwords->set($link->user, $request->string('password')->toString(), $now);
            $link->update(['used_at' => $now]);

            return $link->user;
        });
        assert($user instanceof User);
        if ($user->two_factor_at !== null) {
            return new JsonResponse(null, 204);
        }

        return UserResource::of($signIn->enter($user, (string) $request->ip()));
    }
}
