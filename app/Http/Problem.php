<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\AttemptIdIsTaken;
use App\Actions\AttemptIsFinished;
use App\Actions\DraftHasMovedOn;
use App\Actions\RecordCannotBeSigned;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Pasada\Core\Attempt\MarksConflict;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\NothingToInspect;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as `application/problem+json` (RFC 9457): what went wrong, where, and what to do. */
final readonly class Problem
{
    public static function renderAll(Exceptions $exceptions): void
    {
        $exceptions->dontReport([AttemptIsFinished::class, AttemptIdIsTaken::class, DraftHasMovedOn::class, RecordCannotBeSigned::class, MarksConflict::class, DocumentHasFaults::class, NothingToInspect::class]);
        $exceptions->render(static fn (DocumentHasFaults $e): JsonResponse => self::respond(422, $e->getMessage(), array_map(
            static fn (Fault $fault): array => ['path' => $fault->path, 'message' => $fault->message], $e->faults)));
        $exceptions->render(static fn (NothingToInspect $e): JsonResponse => self::respond(422, $e->getMessage(), [['path' => 'vehicle_id', 'message' => $e->getMessage()]]));
        $exceptions->render(static fn (AttemptIsFinished $e): JsonResponse => self::respond(409, $e->getMessage()));
        $exceptions->render(static fn (AttemptIdIsTaken $e): JsonResponse => self::respond(409, $e->getMessage(), [['path' => 'id', 'message' => $e->getMessage()]]));
        $exceptions->render(static fn (RecordCannotBeSigned $e): JsonResponse => self::respond(409, $e->getMessage()));
        $exceptions->render(static fn (DraftHasMovedOn $e): JsonResponse => self::respond(409, $e->getMessage()));
        $exceptions->render(static fn (MarksConflict $e): JsonResponse => self::respond(409, $e->getMessage()));
        $exceptions->render(static fn (AuthenticationException $e): JsonResponse => self::respond(401, 'Sign in first.'));
        $exceptions->render(static fn (ValidationException $e): JsonResponse => self::respond($e->status, $e->validator->errors()->first(), self::fields($e)));
        $exceptions->render(static fn (HttpExceptionInterface $e): JsonResponse => self::http($e));
        $exceptions->render(static fn (Throwable $e): ?JsonResponse => config('app.debug') === true ? null
            : self::respond(500, 'Pasada itself failed here. Nothing of this request was kept; try again, and tell whoever looks after the server.'));
    }

    /** @param  list<array{path: string, message: string}>  $errors */
    public static function respond(int $status, string $detail, array $errors = []): JsonResponse
    {
        return new JsonResponse(['status' => $status, 'detail' => $detail, 'errors' => $errors], $status, ['Content-Type' => 'application/problem+json']);
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

    private static function http(HttpExceptionInterface&Throwable $e): JsonResponse
    {
        $detail = match (true) {
            $e->getPrevious() instanceof ModelNotFoundException => 'There is nothing of this kind here; it may have been removed, or the address is mistyped.',
            $e->getStatusCode() === 404 && $e->getMessage() === '' => 'There is nothing at this address.',
            $e->getStatusCode() === 419 => 'This page has been open for too long. Load it again; nothing kept on this device is lost.',
            $e->getStatusCode() === 429 => 'Too many tries. Wait a minute, then try again.',
            default => $e->getMessage(),
        };
        $response = self::respond($e->getStatusCode(), $detail);
        foreach ($e->getHeaders() as $name => $value) {
            if (is_string($value) || is_int($value)) {
                $response->headers->set((string) $name, (string) $value);
            }
        }

        return $response;
    }
}
