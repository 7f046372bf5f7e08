<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class DraftHasMovedOn extends RuntimeException implements Refusal
{
    private function __construct(public readonly string $draftId, string $what, private readonly ProblemKind $kind)
    {
        parent::__construct($what);
    }

    public static function of(string $draftId): self
    {
        return new self(
            $draftId,
            'Somebody else changed this draft meanwhile. Load it again to see how it stands; your last change was '.
                'not taken.',
            ProblemKind::DraftMovedOn,
        );
    }

    public static function fromItsVersion(string $draftId, int $newest): self
    {
        return new self(
            $draftId,
            sprintf(
                'Version %d was put in force since this draft was opened. Open a draft of that one and make the '.
                    'change there, so that nothing of it is lost; this draft is kept.',
                $newest,
            ),
            ProblemKind::VersionMovedOn,
        );
    }

    public function kind(): ProblemKind
    {
        return $this->kind;
    }
}
