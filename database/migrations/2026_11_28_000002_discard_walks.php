<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A walk begun by mistake is discarded and stays in the trail; one under way shows where the student is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempts', static function (Blueprint $table): void {
            $table->dateTime('discarded_at')->nullable();
            $table->string('discard_reason', 500)->nullable();
            $table->string('place', 200)->nullable();
            // A form may be a list of chosen sections.
            $table->string('form', 255)->nullable()->change();
        });
    }

    public function down(): void
    {
        Schema::table(
            'attempts',
            static fn (Blueprint $table) => $table->dropColumn(['discarded_at', 'discard_reason', 'place']),
        );
    }
};
