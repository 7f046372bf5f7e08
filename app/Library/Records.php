<?php

declare(strict_types=1);

namespace App\Library;

use App\Exceptions\RecordIsOpen;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use Closure;
use Illuminate\Database\ConnectionInterface;

/**
 * The one way to write into the record of an attempt: one writer after the other, the status read once the record is
 * held, all of it or nothing.
 */
final readonly class Records
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @template T
     *
     * @param  Closure(bool): T  $write  told whether the record is closed; what is new to a closed one it has to refuse
     * @return T
     */
    public function write(Attempt $attempt, Closure $write): mixed
    {
        return $this->held(
            $attempt,
            static fn (AttemptStatus $status): mixed => $write($status !== AttemptStatus::UnderWay),
        );
    }

    /**
     * Into the record of a finished walk: an amendment or a signature.
     *
     * @template T
     *
     * @param  Closure(): T  $write
     * @return T
     *
     * @throws RecordIsOpen as `$open` where the walk still goes on or was discarded
     */
    public function writeClosed(Attempt $attempt, RecordIsOpen $open, Closure $write): mixed
    {
        return $this->held(
            $attempt,
            static fn (AttemptStatus $status): mixed => $status === AttemptStatus::Finished ? $write() : throw $open,
        );
    }

    /**
     * @template T
     *
     * @param  Closure(AttemptStatus): T  $write
     * @return T
     */
    private function held(Attempt $attempt, Closure $write): mixed
    {
        return $this->database->transaction(function () use ($attempt, $write): mixed {
            $status = $this->database->table('attempts')->where('id', $attempt->id)->lockForUpdate()->value('status');

            return $write(AttemptStatus::from(is_string($status) ? $status : ''));
        });
    }
}
