<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/**
 * Takes a version out of force, or brings it back. Walks keep the version they were scored under; of what is left the
 * newest that has come into force is in force.
 */
final readonly class WithdrawVersion
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param  string|null  $reason  why it is withdrawn; null brings it back. Sent twice, nothing more is done */
    public function handle(StoredDocument $version, User $by, ?string $reason, Carbon $now): void
    {
        $this->database->transaction(static function () use ($version, $by, $reason, $now): void {
            $version->newQuery()->whereKey($version->id)->lockForUpdate()->value('id');
            $version->refresh();
            if (($version->withdrawn_at === null) === ($reason === null)) {
                return;
            }
            $version->update([
                'withdrawn_at' => $reason === null ? null : $now,
                'withdrawn_by' => $reason === null ? null : $by->id,
                'withdrawn_reason' => $reason,
            ]);
        });
    }
}
