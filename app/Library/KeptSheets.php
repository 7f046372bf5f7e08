<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
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

    public static function written(ScoreSheet $sheet): string
    {
        return json_encode(SheetWriter::write($sheet), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
