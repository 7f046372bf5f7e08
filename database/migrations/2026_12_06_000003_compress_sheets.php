<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A kept sheet is some 75 kB of text that says the same words again and again; the database reads it as before. */
return new class extends Migration
{
    public function up(): void
    {
        $isDone = DB::table('information_schema.columns')->whereRaw('table_schema = database()')
            ->where('table_name', 'kept_sheets')->where('column_type', 'like', '%compressed%')->exists();
        if (! $isDone) {
            DB::statement('alter table kept_sheets modify sheet longtext compressed not null');
        }
    }

    public function down(): void
    {
        DB::statement('alter table kept_sheets modify sheet longtext not null');
    }
};
