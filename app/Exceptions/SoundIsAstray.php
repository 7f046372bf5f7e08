<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Sound that came out of order, with another content, or where none may be kept. */
final class SoundIsAstray extends RuntimeException implements Refusal
{
    private function __construct(private readonly ProblemKind $kind, string $what)
    {
        parent::__construct($what);
    }

    public static function ahead(int $came, int $next): self
    {
        return new self(ProblemKind::ContentConflict, sprintf(
            'Piece %d came, and %d is next. Send the pieces in their order; what came before is kept.', $came, $next,
        ));
    }

    public static function changed(int $position): self
    {
        return new self(ProblemKind::ContentConflict, sprintf(
            'Piece %d came before with other content, which is kept. Begin a recording of its own for other sound.',
            $position,
        ));
    }

    public static function missing(int $has, int $told): self
    {
        return new self(ProblemKind::ContentConflict, sprintf(
            '%d pieces came, and %d were told. Send those that are missing, then end the recording again.', $has, $told,
        ));
    }

    public static function forbidden(): self
    {
        return new self(
            ProblemKind::Forbidden,
            'The sound of this student is not recorded: the school does not keep sound, or the student has not agreed.',
        );
    }

    public function kind(): ProblemKind
    {
        return $this->kind;
    }
}
