<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** An id made by the sender that stands for something else already. */
final class IdIsTaken extends RuntimeException implements Refusal
{
    private function __construct(public readonly string $id, string $what)
    {
        parent::__construct($what);
    }

    public static function byAttempt(string $id): self
    {
        return new self($id, 'This id belongs to another attempt already. Start again from "New attempt".');
    }

    public static function byAmendment(string $id): self
    {
        return new self(
            $id,
            'This id belongs to another amendment, or to this one with other content. An amendment stays as it was '.
                'made; send a new one with an id of its own.',
        );
    }

    public static function byMark(string $id): self
    {
        return new self(
            $id,
            sprintf(
                'The mark %s is in this record already. A mark of an amendment needs an id of its own; nothing was '.
                    'amended.',
                $id,
            ),
        );
    }

    public static function bySignature(string $id): self
    {
        return new self($id, 'This id belongs to another signature already. Sign again.');
    }

    public static function byParty(string $party): self
    {
        return new self(
            '',
            sprintf('The %s has signed this record already, as it stands; what was signed stays as it is.', $party),
        );
    }

    public static function bySound(string $id): self
    {
        return new self($id, 'This id belongs to other sound already, which is kept. Record again.');
    }

    public static function byCaptions(string $id): self
    {
        return new self($id, 'This id belongs to other captions already. Add the file again.');
    }

    public static function byExamResult(string $id): self
    {
        return new self(
            $id,
            'This id belongs to another exam result already. Withdraw that one, and record it anew with its own id.',
        );
    }

    public static function byAppointment(string $id): self
    {
        return new self($id, 'This id belongs to an appointment of somebody else. Note it anew, with its own id.');
    }

    public static function byPapers(string $id): self
    {
        return new self($id, 'This id belongs to the papers of another class. Ask for them anew.');
    }

    public static function byStudent(string $id): self
    {
        return new self($id, 'This id belongs to another student already. Add the student anew.');
    }

    public static function byRecital(string $id): self
    {
        return new self($id, 'This id belongs to another recited part already. Say the part again.');
    }

    public static function byRehearsal(string $id): self
    {
        return new self($id, 'This id belongs to another rehearsal already. Begin anew.');
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::IdTaken;
    }
}
