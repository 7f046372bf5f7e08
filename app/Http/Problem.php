<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\Trouble;
use App\Exceptions\ProblemKind;
use App\Exceptions\Refusal;
use App\Http\Middleware\NameRequest;
use App\Operations\Room;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use Pasada\Core\Attempt\Marks\MarksConflict;
use Pasada\Core\Brakes\Events\EntriesConflict;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\NothingToInspect;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as `application/problem+json` (RFC 9457): what kind it is, what went wrong, where, and what to do. */
final readonly class Problem
{
    /** Seconds after which a database that was away is worth asking again. */
    private const RETRY_AFTER_SECONDS = 5;

    public static function renderAll(Exceptions $exceptions): void
    {
        // What is over in a moment is begun anew (App\Http\Middleware\TryAgain); no list of calls for each.
        $exceptions->report(static function (Throwable $e): ?bool {
            $trouble = Trouble::of($e);
            if ($trouble === null) {
                return null;
            }
            Log::warning('A request met trouble that may be over in a moment.', [
                'trouble' => $trouble->value, 'class' => $e::class,
            ]);

            return false;
        });
        // A statement in the log has no names and no answers of people in it: what was bound stays out, and so does the
        // driver's own message, which repeats it.
        $exceptions
            ->report(
                static fn (QueryException $e) => Log::error('A query failed.', [
                    'sql' => $e->getSql(),
                    'code' => $e->getCode(),
                    'driver' => $e->errorInfo[1] ?? null,
                    'at' => self::caller($e),
                ]),
            )
            ->stop();
        $exceptions->dontReport([
            Refusal::class, MarksConflict::class, EntriesConflict::class, DocumentHasFaults::class,
            NothingToInspect::class,
        ]);
        $exceptions->render(static fn (Refusal $e): JsonResponse => self::respond($e->kind(), $e->getMessage()));
        $exceptions->render(
            static fn (DocumentHasFaults $e): JsonResponse => self::respond(
                ProblemKind::Invalid,
                $e->getMessage(),
                array_map(
                    static fn (Fault $fault): array => ['path' => $fault->path, 'message' => $fault->message],
                    $e->faults,
                ),
            ),
        );
        $exceptions->render(
            static fn (NothingToInspect $e): JsonResponse => self::respond(ProblemKind::Invalid, $e->getMessage(), [
                ['path' => 'vehicle_id', 'message' => $e->getMessage()],
            ]),
        );
        $exceptions->render(
            static fn (MarksConflict|EntriesConflict $e): JsonResponse => self::respond(
                ProblemKind::ContentConflict,
                $e->getMessage(),
            ),
        );
        $exceptions->render(
            static fn (AuthenticationException $e): JsonResponse => self::respond(
                ProblemKind::SignedOut,
                'Sign in first.',
            ),
        );
        $exceptions->render(
            static fn (ValidationException $e): JsonResponse => self::respond(
                ProblemKind::ofStatus($e->status),
                $e->validator->errors()->first(),
                self::fields($e),
            ),
        );
        $exceptions->render(static fn (HttpExceptionInterface $e): JsonResponse => self::http($e));
        $exceptions->render(
            static fn (Throwable $e): ?JsonResponse => Trouble::of($e) === null ? null : self::away(),
        );
        $exceptions->render(
            static fn (Throwable $e): ?JsonResponse => config('app.debug') === true
                ? null
                : self::failed(app(Room::class)),
        );
    }

    /** @param  list<array{path: string, message: string}>  $errors */
    public static function respond(ProblemKind $kind, string $detail, array $errors = []): JsonResponse
    {
        // What a sender wrote may be repeated here, and it need not be text that JSON can hold.
        return new JsonResponse(
            [
                'type' => $kind->type(), 'status' => $kind->status(), 'detail' => $detail, 'errors' => $errors,
                // By which the lines of the log are found that tell why.
                ...($kind->status() < 500 ? [] : ['request_id' => NameRequest::current()]),
            ],
            $kind->status(), ['Content-Type' => 'application/problem+json'], JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return list<array{path: string, message: string}> */
    private static function fields(ValidationException $e): array
    {
        $errors = [];
        /** @var array<string, list<string>> $all */
        $all = $e->errors();
        foreach ($all as $field => $messages) {
            foreach ($messages as $message) {
                $errors[] = ['path' => $field, 'message' => $message];
            }
        }

        return $errors;
    }

    /** The line of our own code that asked. */
    private static function caller(QueryException $e): string
    {
        foreach ($e->getTrace() as $frame) {
            if (str_contains($frame['file'] ?? '', '/app/')) {
                return basename($frame['file']).':'.($frame['line'] ?? 0);
            }
        }

        return '';
    }

    private static function failed(Room $room): JsonResponse
    {
        return $room->isLow()
            ? self::respond(
                ProblemKind::NoRoom,
                'There is hardly any room left on the server, so files cannot be written; marks are kept. Nothing of '.
                    'this request was kept. Tell whoever looks after the server: '.$room->said(),
            )
            : self::respond(
                ProblemKind::Failed,
                'Pasada itself failed here. Nothing of this request was kept; try again, and tell whoever looks '.
                    'after the server.',
            );
    }

    private static function away(): JsonResponse
    {
        $response = self::respond(
            ProblemKind::Unavailable,
            'The database or the store of sessions does not answer just now. Nothing of this request was kept; try '.
                'again in a few seconds.',
        );
        $response->headers->set('Retry-After', (string) self::RETRY_AFTER_SECONDS);

        return $response;
    }

    private static function http(HttpExceptionInterface&Throwable $e): JsonResponse
    {
        $kind = ProblemKind::ofStatus($e->getStatusCode());
        $detail = match (true) {
            $e->getPrevious() instanceof ModelNotFoundException => 'There is nothing of this kind here; it may have '.
                'been removed, or the address is mistyped.',
            // What the framework itself says names its routes and classes; what we say stands in the exception.
            $kind === ProblemKind::NotFound &&
                ($e->getMessage() === '' || str_starts_with($e->getMessage(), 'The route')) => 'There is nothing at '.
                    'this address.',
            $kind === ProblemKind::MethodNotAllowed => 'This cannot be done at this address; the description of the '.
                'API tells what can.',
            $kind === ProblemKind::PageExpired => 'This page has been open for too long. Load it again; nothing kept '.
                'on this device is lost.',
            $kind === ProblemKind::TooMany => 'This was asked too often. Wait a minute, then try again.',
            $e->getMessage() === '' => 'This request was not taken; check what was sent.',
            default => $e->getMessage(),
        };
        $response = self::respond($kind, $detail);
        foreach ($e->getHeaders() as $name => $value) {
            if (is_string($value) || is_int($value)) {
                $response->headers->set((string) $name, (string) $value);
            }
        }

        return $response;
    }
}
