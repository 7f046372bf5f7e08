<?php

declare(strict_types=1);

namespace Pasada\Core\Trail;

/**
 * One line of the audit trail: who did what to which record, what it was before and after, when and from where.
 *
 * Its digest is over all of it and over the digest of the line before, so that no line can be changed, taken out or put
 * in between without all that follow being changed, too (S. Haber, W. S. Stornetta, "How to time-stamp a digital
 * document", Journal of Cryptology 3 (1991)).
 */
final readonly class TrailEntry
{
    /** What stands before the first line. */
    public const NOTHING = '0000000000000000000000000000000000000000000000000000000000000000';

    private function __construct(
        /** Counts from one. */
        public int $position,
        /** UTC, as 2026-11-28T14:00:00.000Z */
        public string $at,
        public string $who,
        public string $did,
        public string $kind,
        public string $record,
        /** JSON, as it was written; null where there was nothing. */
        public ?string $before,
        public ?string $after,
        public string $from,
        public string $previous,
        /** SHA-256 in hexadecimal. */
        public string $digest,
    ) {}

    /** The line that follows another; the first follows NOTHING at position 0. */
    public static function after(
        int $position, string $previous, string $at, string $who, string $did, string $kind, string $record,
        ?string $before, ?string $after, string $from,
    ): self {
        return self::stored(
            $position + 1, $at, $who, $did, $kind, $record, $before, $after, $from, $previous,
            self::digest([$position + 1, $at, $who, $did, $kind, $record, $before, $after, $from, $previous]),
        );
    }

    /** As it was found; it need not be sound. */
    public static function stored(
        int $position, string $at, string $who, string $did, string $kind, string $record, ?string $before,
        ?string $after, string $from, string $previous, string $digest,
    ): self {
        return new self($position, $at, $who, $did, $kind, $record, $before, $after, $from, $previous, $digest);
    }

    /** Whether its digest is that of what it says. */
    public function isSound(): bool
    {
        return hash_equals($this->digest, self::digest([
            $this->position, $this->at, $this->who, $this->did, $this->kind, $this->record, $this->before,
            $this->after, $this->from, $this->previous,
        ]));
    }

    /** @param  list<int|string|null>  $said */
    private static function digest(array $said): string
    {
        return hash('sha256', json_encode($said, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
