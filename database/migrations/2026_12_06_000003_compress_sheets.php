<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A kept sheet is some 75 kB of text that says the same words again and again; the database reads it as before. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table kept_sheets modify sheet longtext compressed not null');
    }

    public function down(): void
    {
        DB::statement('alter table kept_sheets modify sheet longtext not null');
    }
};
