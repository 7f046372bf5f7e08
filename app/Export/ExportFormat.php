<?php

declare(strict_types=1);

namespace App\Export;

enum ExportFormat: string
{
    case Json = 'json';
    case Csv = 'csv';
    case Xlsx = 'xlsx';
    case Xapi = 'xapi';

    public function type(): string
    {
        return match ($this) {
            self::Json, self::Xapi => 'application/json',
            self::Csv => 'text/csv; charset=utf-8',
            self::Xlsx => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        };
    }

    public function ending(): string
    {
        return $this === self::Xapi ? 'xapi.json' : $this->value;
    }
}
