<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\School\SignIn;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\School\UserResource;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\Store;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

final readonly class SessionController
{
    #[
        OA\Get(
            path: '/session',
            operationId: 'readSession',
            summary: 'Who is signed in',
            responses: [
                new Answered(200, 'The user', UserResource::class),
                new Refused(401, 'Nobody'),
            ],
        ),
    ]
    public function show(SignedInRequest $request): UserResource
    {
        return UserResource::of($request->signedIn());
    }

    #[
        OA\Post(
            path: '/session',
            operationId: 'signIn',
            summary: 'Sign in',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SignInRequest::class)),
            responses: [
                new Answered(200, 'The user', UserResource::class),
                new Refused(401, 'A code is asked for as well'),
                new Refused(422, 'Wrong address, password or code'),
                new Refused(429, 'Too many tries'),
            ],
        ),
    ]
    public function store(SignInRequest $request, SignIn $signIn): UserResource
    {
        return UserResource::of(
            $signIn->handle(
                $request->email(), $request->string('password')->toString(), $request->code(), (string) $request->ip(),
                Carbon::now(),
            ),
        );
    }

    #[
        OA\Delete(
            path: '/session',
            operationId: 'signOut',
            summary: 'Sign out',
            responses: [new OA\Response(response: 204, description: 'Signed out')],
        ),
    ]
    public function destroy(
        SignedInRequest $request, StatefulGuard $guard, Store $session, Trail $trail,
    ): JsonResponse {
        $user = $request->signedIn();
        $trail->keep($user->school_id, Did::SignedOut, 'user', $user->id);
        $guard->logout();
        $session->invalidate();
        $session->regenerateToken();

        return new JsonResponse(null, 204);
    }
}
