<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A part that a student recited between two walks, and each brake test of a practice; they count on no sheet. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recitals', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('student_id')->constrained();
            $table->string('item', 80);
            $table->string('words', 2000);
            $table->unsignedSmallInteger('earned');
            $table->dateTime('recited_at');
            $table->index(['student_id', 'recited_at']);
        });
        Schema::table(
            'brake_practices',
            static fn (Blueprint $table) => $table->text('tests')->nullable()->after('standing'),
        );
    }

    public function down(): void
    {
        Schema::table('brake_practices', static fn (Blueprint $table) => $table->dropColumn('tests'));
        Schema::dropIfExists('recitals');
    }
};
