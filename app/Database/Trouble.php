<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\QueryException;
use PDOException;
use Predis\CommunicationException;
use Predis\Connection\Resource\Exception\StreamInitException;
use Predis\Response\ServerException;
use Throwable;

/** What may be over in a moment: the same request, sent again, can then be answered. */
enum Trouble: string
{
    /** The database, or the store of sessions, cannot be reached or is not ready. */
    case Away = 'away';
    /** Two writers were in each other's way, on one node or on two: nothing of this one was kept. */
    case Conflict = 'conflict';

    /**
     * What the driver says: refused, gone away, lost, shutting down, too many, killed, and (1047) a node that is out of
     * step with its cluster.
     */
    private const CODES_OF_AWAY = ['2002', '2003', '2006', '2013', '1053', '1040', '1927', '1047'];

    /** A deadlock, which is also how a cluster refuses what was changed elsewhere first, and a lock not had in time. */
    private const CODES_OF_CONFLICT = ['1213', '1205'];

    public static function of(Throwable $why): ?self
    {
        if (
            $why instanceof CommunicationException || $why instanceof StreamInitException ||
            ($why instanceof ServerException && self::isLoading($why))
        ) {
            return self::Away;
        }
        if (! $why instanceof PDOException) {
            return null;
        }
        $driver = $why instanceof QueryException ? $why->getPrevious() : $why;
        $driver = $driver instanceof PDOException ? $driver : $why;
        preg_match('/\b(\d{4})\b/', $driver->getMessage(), $found);
        $code = $driver->errorInfo[1] ?? $found[1] ?? '';
        $code = is_scalar($code) ? (string) $code : '';

        return match (true) {
            in_array($code, self::CODES_OF_AWAY, true) => self::Away,
            in_array($code, self::CODES_OF_CONFLICT, true) => self::Conflict,
            default => null,
        };
    }

    /** A store that was started a moment ago still reads its file. */
    private static function isLoading(ServerException $why): bool
    {
        return str_starts_with($why->getMessage(), 'LOADING');
    }
}
