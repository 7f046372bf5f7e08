<?php

declare(strict_types=1);

namespace App\Exceptions;

/** What went wrong, as a program tells it apart; the end of a problem's `type`. Sent: never rename one. */
enum ProblemKind: string
{
    case Malformed = 'malformed';
    case SignedOut = 'signed-out';
    case Forbidden = 'forbidden';
    case NotFound = 'not-found';
    case MethodNotAllowed = 'method-not-allowed';
    case RecordClosed = 'record-closed';
    case RecordOpen = 'record-open';
    case IdTaken = 'id-taken';
    case ContentConflict = 'content-conflict';
    case DraftMovedOn = 'draft-moved-on';
    case VersionMovedOn = 'version-moved-on';
    case WeekMovedOn = 'week-moved-on';
    case TooLarge = 'too-large';
    case NotJson = 'not-json';
    case PageExpired = 'page-expired';
    case Invalid = 'invalid';
    case TooMany = 'too-many';
    case Failed = 'failed';
    case Unavailable = 'unavailable';
    case NoRoom = 'no-room';
    case SecondFactor = 'second-factor';
    case SecondFactorMissing = 'second-factor-missing';
    case LinkSpent = 'link-spent';

    public function status(): int
    {
        return match ($this) {
            self::Malformed => 400,
            self::SignedOut, self::SecondFactor => 401,
            self::Forbidden, self::SecondFactorMissing => 403,
            self::NotFound => 404,
            self::MethodNotAllowed => 405,
            self::RecordClosed,
            self::RecordOpen,
            self::IdTaken,
            self::ContentConflict,
            self::DraftMovedOn, self::WeekMovedOn,
            self::VersionMovedOn => 409,
            self::LinkSpent => 410,
            self::TooLarge => 413,
            self::NotJson => 415,
            self::PageExpired => 419,
            self::Invalid => 422,
            self::TooMany => 429,
            self::Failed => 500,
            self::Unavailable => 503,
            self::NoRoom => 507,
        };
    }

    public function type(): string
    {
        return '/problems/'.$this->value;
    }

    /** The kind that an HTTP status stands for where nothing closer is known. */
    public static function ofStatus(int $status): self
    {
        foreach (self::cases() as $kind) {
            if ($kind->status() === $status) {
                return $kind;
            }
        }

        return $status >= 500 ? self::Failed : self::Invalid;
    }
}
