<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What the engine said when a record was closed stays; a practice keeps what was wrong with the truck and what was said
 * of it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempt_results', function (Blueprint $table): void {
            // Those that are there were scored by the first.
            $table->unsignedSmallInteger('engine')->default(1);
        });
        // As they were written when the record was closed or last amended; apart, so that no list loads them.
        Schema::create('kept_sheets', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->primary()->constrained();
            $table->longText('sheet');
        });
        Schema::table('brake_practices', function (Blueprint $table): void {
            $table->string('fault', 60)->nullable();
            $table->string('suspected', 60)->nullable();
            $table->boolean('found')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_sheets');
        Schema::table('attempt_results', static fn (Blueprint $table) => $table->dropColumn('engine'));
        Schema::table(
            'brake_practices',
            static fn (Blueprint $table) => $table->dropColumn(['fault', 'suspected', 'found']),
        );
    }
};
