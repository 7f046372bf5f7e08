<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How items went, counted once for a day of walks; and when each walk was projected last, which tells what changed. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('create table if not exists day_tallies (
            school_id bigint unsigned not null,
            day date not null,
            stamp varchar(40) not null,
            tallies longtext compressed not null,
            primary key (school_id, day),
            constraint day_tallies_school_id_foreign foreign key (school_id) references schools (id)
        ) default charset = utf8mb4 collate = utf8mb4_unicode_ci');
        // The database moves it on by itself, so that what a server of the version before projects is noticed too.
        if (! Schema::hasColumn('attempt_results', 'projected_at')) {
            Schema::table('attempt_results', static function (Blueprint $table): void {
                $table->timestamp('projected_at', 3)->useCurrent()->useCurrentOnUpdate();
            });
        }
    }

    public function down(): void
    {
        Schema::table('attempt_results', static fn (Blueprint $table) => $table->dropColumn('projected_at'));
        Schema::dropIfExists('day_tallies');
    }
};
