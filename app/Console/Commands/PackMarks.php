<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\MarkStore;
use Illuminate\Console\Command;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

final class PackMarks extends Command
{
    /** Held together for one look at what is due; each attempt is packed by itself. */
    private const AT_ONCE = 500;

    /** Servers are upgraded one by one: for that long some may be of the version that knows no packed marks. */
    private const UPGRADE_DAYS = 7;

    protected $signature = 'pasada:pack {--days= : how old an attempt must be, PASADA_PACK_DAYS otherwise}';

    protected $description = 'Move the marks of old attempts into one compressed row each; every sheet stays as it is';

    public function handle(MarkStore $marks, Repository $settings, ConnectionInterface $database): int
    {
        $days = $this->option('days') ?? $settings->get('pasada.pack_days');
        if (! is_numeric($days) || (int) $days < 1) {
            $this->components->error('Say a whole number of days, 1 or more.');

            return self::INVALID;
        }
        $now = Carbon::now();
        $known = $database->table('service_facts')->where('name', 'packing')->value('since');
        $from = Carbon::parse(is_string($known) ? $known : $now)->addDays(self::UPGRADE_DAYS);
        if ($this->option('days') === null && $from->isAfter($now)) {
            $this->line(sprintf(
                'Servers of the version before may still run here; packing begins on %s.', $from->toDateString(),
            ));

            return self::SUCCESS;
        }
        $packed = 0;
        do {
            $of = $marks->packOld($now->copy()->subDays((int) $days), self::AT_ONCE, $now);
            $packed += $of;
        } while ($of === self::AT_ONCE);
        $this->line(sprintf('%d attempts packed.', $packed));

        return self::SUCCESS;
    }
}
