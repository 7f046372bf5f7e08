<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Links;
use App\Access\Mail;
use App\Access\Sessions;
use App\Actions\People\SavePerson;
use App\Actions\People\SaveStudent;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\CursorInQuery;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\LimitInQuery;
use App\Http\OpenApi\Refused;
use App\Http\Page;
use App\Http\Requests\PageRequest;
use App\Http\Requests\People\ClosePersonRequest;
use App\Http\Requests\People\SavePersonRequest;
use App\Http\Requests\People\StudentAccountRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\CountResource;
use App\Http\Resources\People\LinkResource;
use App\Http\Resources\People\PersonResource;
use App\Models\Student;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Who works at the school, and who may sign in. */
final readonly class PeopleController
{
    public function __construct(private Links $links, private Mail $mail) {}

    #[
        OA\Get(
            path: '/people',
            operationId: 'listPeople',
            summary: 'Who works at the school, in pages',
            parameters: [new LimitInQuery, new CursorInQuery],
            responses: [
                new OA\Response(
                    response: 200, description: 'By name',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PersonResource::class)),
                ),
                new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function index(PageRequest $request): JsonResponse
    {
        Gate::authorize('manage', User::class);

        return Page::of(User::staff($request->signedIn()->school_id), $request, 'users.name')
            ->rows($request, PersonResource::of(...));
    }

    #[
        OA\Get(
            path: '/people/count', operationId: 'countPeople', summary: 'How many people the list has',
            responses: [
                new Answered(200, 'Closed accounts, too', CountResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function count(SignedInRequest $request): CountResource
    {
        Gate::authorize('manage', User::class);

        return new CountResource(User::staff($request->signedIn()->school_id)->count());
    }

    #[
        OA\Post(
            path: '/people',
            operationId: 'addPerson',
            summary: 'Let somebody in who works at the school',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SavePersonRequest::class)),
            responses: [
                new Answered(201, 'The link for a password', LinkResource::class),
                new Refused(403, 'Not the manager'), new Refused(422, 'Name, address or role'),
            ],
        ),
    ]
    public function store(SavePersonRequest $request, SavePerson $save): JsonResponse
    {
        $by = $request->signedIn();
        $person = $save->add(
            $by->school_id, $request->string('name')->squish()->toString(), $request->email(), $request->roles(),
        );

        return new JsonResponse($this->link($person, $by), 201);
    }

    #[
        OA\Put(
            path: '/people/{user}',
            operationId: 'changePerson',
            summary: 'Change name, address and roles',
            parameters: [new IdInPath('user', isNumber: true)],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SavePersonRequest::class)),
            responses: [
                new Answered(200, 'As it is kept', PersonResource::class), new Refused(403, 'Not the manager'),
                new Refused(409, 'The only manager'), new Refused(422, 'Name, address or role'),
            ],
        ),
    ]
    public function update(SavePersonRequest $request, User $user, SavePerson $save): PersonResource
    {
        $save->change($user, $request->string('name')->squish()->toString(), $request->email(), $request->roles());

        return PersonResource::of($user->refresh());
    }

    #[
        OA\Put(
            path: '/people/{user}/closed',
            operationId: 'closePerson',
            summary: 'Close an account, or open it again; its records stay',
            parameters: [new IdInPath('user', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: ClosePersonRequest::class),
            ),
            responses: [
                new Answered(200, 'As it is kept', PersonResource::class), new Refused(403, 'Not the manager'),
                new Refused(409, 'The only manager'),
            ],
        ),
    ]
    public function close(
        ClosePersonRequest $request, User $user, SavePerson $save, Sessions $sessions,
    ): PersonResource {
        $save->close($user, $request->boolean('closed'), Carbon::now());
        if ($request->boolean('closed')) {
            $sessions->endAll($user);
        }

        return PersonResource::of($user->refresh());
    }

    #[
        OA\Post(
            path: '/people/{user}/link',
            operationId: 'makeLink',
            summary: 'A new link for a password, at the first time or where it was forgotten',
            parameters: [new IdInPath('user', isNumber: true)],
            responses: [
                new Answered(201, 'The link', LinkResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function invite(SignedInRequest $request, User $user): JsonResponse
    {
        Gate::authorize('invite', $user);

        return new JsonResponse($this->link($user, $request->signedIn()), 201);
    }

    #[
        OA\Put(
            path: '/students/{student}/account',
            operationId: 'letStudentIn',
            summary: 'An account by which a student sees the own record, and the link for its password',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: StudentAccountRequest::class),
            ),
            responses: [
                new Answered(201, 'The link', LinkResource::class), new Refused(403, 'Neither instructor nor manager'),
                new Refused(422, 'Address'),
            ],
        ),
    ]
    public function letIn(StudentAccountRequest $request, Student $student, SaveStudent $save): JsonResponse
    {
        return new JsonResponse(
            $this->link($save->account($student, $request->email()), $request->signedIn()), 201,
        );
    }

    private function link(User $for, User $by): LinkResource
    {
        [$token, $until] = $this->links->make($for, $by, Carbon::now());
        $path = '/welcome/'.$token;

        return new LinkResource(
            $for->name, $for->email, $path, $until->toIso8601ZuluString(), $this->mail->link($for, $path, $until),
        );
    }
}
