<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a school's walks usually leave out is offered as one touch. `pasada:project` fills it for earlier walks. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table(
            'item_outcomes',
            // Codes of points, divided by spaces; the longest list of one part has about 150 letters.
            static fn (Blueprint $table) => $table->string('heard', 500)->default(''),
        );
    }

    public function down(): void
    {
        Schema::table('item_outcomes', static fn (Blueprint $table) => $table->dropColumn('heard'));
    }
};
