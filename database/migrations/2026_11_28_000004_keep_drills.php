<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A practice of a part of the brake tests is told apart from one of all of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table(
            'brake_practices',
            static fn (Blueprint $table) => $table->string('drill', 20)->nullable()->after('help'),
        );
    }

    public function down(): void
    {
        Schema::table('brake_practices', static fn (Blueprint $table) => $table->dropColumn('drill'));
    }
};
