<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Trail\TrailFile;
use Illuminate\Console\Command;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Trail\TrailCheck;
use Pasada\Core\Trail\TrailEntry;
use stdClass;

final class AuditTrail extends Command
{
    protected $signature = 'pasada:audit {--verify : read every line and tell what was changed or is missing} '.
        '{--note : note the last line of every trail in a file outside the database; done every night}';

    protected $description = 'Check the audit trail';

    private const MOST_SHOWN = 20;

    public function handle(ConnectionInterface $database, TrailFile $file): int
    {
        if ($this->option('note') === true) {
            $this->line('Noted in '.basename($file->note(Carbon::now())).'.');

            return self::SUCCESS;
        }
        if ($this->option('verify') !== true) {
            $this->error('Say what to do: --verify or --note.');

            return self::INVALID;
        }
        $code = self::SUCCESS;
        foreach ($database->table('trail_heads')->orderBy('chain')->get() as $head) {
            /** @var stdClass&object{chain: int, position: int, digest: string} $head */
            $check = $this->check($database, $file, $head);
            $name = $head->chain === 0 ? 'installation' : "school $head->chain";
            foreach (array_slice($check->faults(), 0, self::MOST_SHOWN) as $fault) {
                $this->error("$name: $fault");
            }
            $more = count($check->faults()) - self::MOST_SHOWN;
            $this->line($check->faults() === []
                ? sprintf('%s: %d lines, all as they were kept', $name, $check->lines())
                : sprintf('%s: %d lines%s', $name, $check->lines(), $more > 0 ? ", and $more more faults" : ''));
            $code = $check->faults() === [] ? $code : self::FAILURE;
        }

        return $code;
    }

    /** @param  stdClass&object{chain: int, position: int, digest: string}  $head */
    private function check(ConnectionInterface $database, TrailFile $file, stdClass $head): TrailCheck
    {
        $noted = $file->noted($head->chain);
        $wanted = array_fill_keys([$head->position, ...array_column($noted, 'position')], true);
        $check = new TrailCheck;
        $digests = [0 => TrailEntry::NOTHING];
        foreach ($database->table('trail')->where('chain', $head->chain)->orderBy('position')->lazy(1000) as $row) {
            /** @var stdClass&object{position: int, at: string, who: string, did: string, kind: string, record: string,
             *   before: string|null, after: string|null, address: string, previous: string, digest: string} $row */
            $check->next(TrailEntry::stored(
                $row->position, $row->at, $row->who, $row->did, $row->kind, $row->record, $row->before, $row->after,
                $row->address, $row->previous, $row->digest,
            ));
            if (isset($wanted[$row->position])) {
                $digests[$row->position] = $row->digest;
            }
        }
        $check->note($head->position, $head->digest, $digests, 'the head of the trail');
        foreach ($noted as $one) {
            $check->note($one['position'], $one['digest'], $digests, "the note of $one[day]");
        }

        return $check;
    }
}
