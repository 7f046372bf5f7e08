<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Passwords;
use App\Access\SecondFactor;
use App\Access\Sessions;
use App\Access\SigningCodes;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\AccountRequest;
use App\Http\Requests\People\CodeRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\People\AccountResource;
use App\Http\Resources\People\SecondFactorResource;
use App\Http\Resources\People\SessionResource;
use App\Http\Resources\People\SigningCodeResource;
use App\Library\SessionStart;
use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The own account: password, second factor, where it is signed in. */
final readonly class AccountController
{
    public function __construct(
        private Passwords $passwords, private SecondFactor $secondFactor, private Sessions $sessions,
        private Hasher $hasher,
    ) {}

    #[
        OA\Get(
            path: '/account', operationId: 'readAccount', summary: 'The own account',
            responses: [new Answered(200, 'The account', AccountResource::class)],
        ),
    ]
    public function show(SignedInRequest $request): AccountResource
    {
        $user = $request->signedIn();
        $here = $request->session()->getId();
        $sessions = [];
        foreach ($this->sessions->of($user) as $one) {
            $sessions[] = new SessionResource(
                Sessions::sign($one->id), $one->ip_address ?? '', mb_substr($one->user_agent ?? '', 0, 200),
                Carbon::createFromTimestamp($one->last_activity)->toIso8601ZuluString(), $one->id === $here,
            );
        }

        return new AccountResource(
            $user->name, $user->email, $user->password_set_at?->toIso8601ZuluString(), $user->two_factor_at !== null,
            SecondFactor::isRequired($user, $user->school), count($user->recovery_codes ?? []), $sessions,
        );
    }

    #[
        OA\Put(
            path: '/account/password', operationId: 'changePassword',
            summary: 'Change the password; whoever is signed in elsewhere is signed out',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Changed'),
                new Refused(422, 'The old one is another, or the new one too weak'),
            ],
        ),
    ]
    public function password(AccountRequest $request): JsonResponse
    {
        $user = $request->signedIn();
        $this->passwords->change(
            $user, $request->string('old')->toString(), $request->string('password')->toString(), Carbon::now(),
        );
        $this->sessions->endAll($user, $request->session()->getId());
        // This one goes on, by the new password.
        $request->session()->forget(SessionStart::KEY);

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/account/signing-code', operationId: 'makeSigningCode',
            summary: 'A code by which the own signature is given on the device of another, once',
            responses: [new Answered(200, 'The code', SigningCodeResource::class)],
        ),
    ]
    public function signingCode(SignedInRequest $request, SigningCodes $codes): SigningCodeResource
    {
        [$code, $until] = $codes->make($request->signedIn(), Carbon::now());

        return new SigningCodeResource($code, $until->toIso8601ZuluString());
    }

    #[
        OA\Post(
            path: '/account/second-factor', operationId: 'beginSecondFactor',
            summary: 'A new secret for an authenticator; asked for once a code of it was confirmed',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
            responses: [
                new Answered(200, 'The secret', SecondFactorResource::class), new Refused(422, 'Wrong password'),
            ],
        ),
    ]
    public function begin(AccountRequest $request): SecondFactorResource
    {
        $user = $this->proven($request);
        if ($user->two_factor_at !== null) {
            throw ValidationException::withMessages(['code' => 'There is a second factor already. End it first.']);
        }
        [$secret, $uri] = $this->secondFactor->begin($user);

        return new SecondFactorResource($secret, $uri, []);
    }

    #[
        OA\Put(
            path: '/account/second-factor', operationId: 'confirmSecondFactor',
            summary: 'From now on a code is asked for at the sign-in',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: CodeRequest::class)),
            responses: [
                new Answered(200, 'Codes to write down', SecondFactorResource::class), new Refused(422, 'Wrong code'),
            ],
        ),
    ]
    public function confirm(CodeRequest $request): SecondFactorResource
    {
        return new SecondFactorResource(null, null, $this->secondFactor->confirm(
            $request->signedIn(), $request->string('code')->toString(), Carbon::now(),
        ));
    }

    #[
        OA\Delete(
            path: '/account/second-factor', operationId: 'endSecondFactor', summary: 'Ask for no code any more',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AccountRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Ended'), new Refused(422, 'Wrong password'),
            ],
        ),
    ]
    public function end(AccountRequest $request): JsonResponse
    {
        $this->secondFactor->end($this->proven($request));

        return new JsonResponse(null, 204);
    }

    #[
        OA\Delete(
            path: '/account/sessions/{session}', operationId: 'endSession', summary: 'Sign out elsewhere',
            parameters: [
                new OA\Parameter(
                    name: 'session', in: 'path', required: true, description: '"others" for all but this one',
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            responses: [new OA\Response(response: 204, description: 'Ended'), new Refused(404, 'No such session')],
        ),
    ]
    public function endSession(SignedInRequest $request, string $session): JsonResponse
    {
        if ($session === 'others') {
            $this->sessions->endAll($request->signedIn(), $request->session()->getId());
        } elseif (! $this->sessions->end($request->signedIn(), $session)) {
            throw new NotFoundHttpException('This session has ended already.');
        }

        return new JsonResponse(null, 204);
    }

    /** @throws ValidationException where the password is another */
    private function proven(AccountRequest $request): User
    {
        $user = $request->signedIn();
        if (! $this->hasher->check($request->string('old')->toString(), $user->getAuthPassword())) {
            throw ValidationException::withMessages(['old' => 'This is not your password.']);
        }

        return $user;
    }
}
