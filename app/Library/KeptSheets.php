<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;

/**
 * Sheets as they were written when a record was closed or last amended: what a later scoring would say is a what-if.
 */
final readonly class KeptSheets
{
    private const TABLE = 'kept_sheets';

    public function __construct(private ConnectionInterface $database) {}

    public function keep(string $attempt, ScoreSheet $sheet): void
    {
        $this->database
            ->table(self::TABLE)
            ->updateOrInsert(['attempt_id' => $attempt], ['sheet' => self::written($sheet)]);
    }

    /** The sheet in the open format, as text; null for one from before sheets were kept. */
    public function of(string $attempt): ?string
    {
        $sheet = $this->database->table(self::TABLE)->where('attempt_id', $attempt)->value('sheet');

        return is_string($sheet) ? $sheet : null;
    }

    /**
     * @param  Collection<int, mixed>  $attempts  ids
     * @return list<string> those that are kept, in no order
     */
    public function ofAll(Collection $attempts): array
    {
        $sheets = $this->database->table(self::TABLE)->whereIn('attempt_id', $attempts)->pluck('sheet');

        return array_values(array_filter($sheets->all(), is_string(...)));
    }

    public static function written(ScoreSheet $sheet): string
    {
        return json_encode(SheetWriter::write($sheet), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
