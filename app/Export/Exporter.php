<?php

declare(strict_types=1);

namespace App\Export;

use App\Library\RecordFile;
use Illuminate\Config\Repository as Settings;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;
use Pasada\Core\Export\Cell;

/** Writes a selection piece by piece: a hundred thousand attempts need no more memory than a hundred. */
final readonly class Exporter
{
    public const FORMAT = 'pasada-records/1';

    public function __construct(
        private RecordFile $records, private SheetRows $rows, private Filesystem $files, private Settings $settings,
    ) {}

    /** @param  callable(string): void  $out  takes each piece */
    public function write(Selection $selection, ExportFormat $format, callable $out): void
    {
        match ($format) {
            ExportFormat::Json => $this->json($selection, $out),
            ExportFormat::Csv => $this->csv($selection, $out),
            ExportFormat::Xlsx => $this->xlsx($selection, $out),
            ExportFormat::Xapi => $this->xapi($selection, $out),
        };
    }

    /** @param  callable(string): void  $out */
    private function json(Selection $selection, callable $out): void
    {
        $out(sprintf(
            '{"format":%s,"school":%s,"records":[', json_encode(self::FORMAT), self::encoded($selection->school->name),
        ));
        foreach ($selection->attempts() as $n => $attempt) {
            $out(($n === 0 ? "\n" : ",\n").self::encoded($this->records->write($attempt)));
        }
        $out("\n]}\n");
    }

    /** @param  callable(string): void  $out */
    private function csv(Selection $selection, callable $out): void
    {
        // By this mark a spreadsheet knows that it is UTF-8.
        $out("\u{FEFF}".Cell::line(AttemptRow::HEADINGS));
        foreach ($selection->attempts() as $attempt) {
            $out(Cell::line(AttemptRow::of($attempt)));
        }
    }

    /** @param  callable(string): void  $out */
    private function xapi(Selection $selection, callable $out): void
    {
        $home = rtrim($this->settings->string('app.url'), '/');
        $out('[');
        foreach ($selection->attempts() as $n => $attempt) {
            $out(($n === 0 ? "\n" : ",\n").self::encoded(Statement::of($attempt, $home)));
        }
        $out("\n]\n");
    }

    /** @param  callable(string): void  $out */
    private function xlsx(Selection $selection, callable $out): void
    {
        $folder = sys_get_temp_dir().'/pasada-'.Str::random(12);
        $this->files->makeDirectory($folder, 0700);
        try {
            $book = new Workbook($folder);
            $book->add('attempts', AttemptRow::HEADINGS);
            $book->add('items', SheetRows::ITEMS);
            $book->add('sections', SheetRows::SECTIONS);
            $book->add('brakes', SheetRows::BRAKES);
            foreach ($selection->attempts() as $attempt) {
                $book->add('attempts', AttemptRow::of($attempt));
                foreach ($this->rows->of($attempt) as $sheet => $rows) {
                    foreach ($rows as $row) {
                        $book->add($sheet, $row);
                    }
                }
            }
            $file = fopen($book->close(), 'rb');
            while ($file !== false && ! feof($file)) {
                $out((string) fread($file, 262_144));
            }
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    private static function encoded(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE
            | JSON_PRESERVE_ZERO_FRACTION);
    }
}
