<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Takes a whole checklist or vehicle out of use, with all its versions, or brings back what was taken out with it. */
final readonly class ArchiveDocument
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param  StoredDocument  $version  any version of it
     * @param  string|null  $reason  why it is archived; null brings it back. Sent twice, nothing more is done
     */
    public function handle(StoredDocument $version, User $by, ?string $reason, Carbon $now): void
    {
        $this->database->transaction(static function () use ($version, $by, $reason, $now): void {
            $query = $version::ofSchool($version->school_id)->where('slug', $version->slug);
            $query->lockForUpdate();
            $all = $query->get();
            $inUse = $all->whereNull('withdrawn_at');
            if ($reason !== null) {
                $inUse->each(static fn (StoredDocument $one): bool => $one->update([
                    'withdrawn_at' => $now, 'withdrawn_by' => $by->id, 'withdrawn_reason' => $reason,
                ]));
            } elseif ($inUse->isEmpty()) {
                // A version that was withdrawn by itself before stays withdrawn.
                $last = $all->max('withdrawn_at');
                $all->where('withdrawn_at', $last)->each(static fn (StoredDocument $one): bool => $one->update([
                    'withdrawn_at' => null, 'withdrawn_by' => null, 'withdrawn_reason' => null,
                ]));
            }
        });
    }
}
