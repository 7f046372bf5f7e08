<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who walks what with whom and when, and a secret by which a calendar reads it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('yard_walks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            // By the clock of the school, as it was planned: no zone moves it.
            $table->string('slot', 16);
            $table->unsignedSmallInteger('minutes');
            $table->foreignId('student_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->foreignId('instructor_id')->constrained('users');
            $table->boolean('is_fixed');
            $table->string('why', 255);
            $table->foreignId('planned_by')->constrained('users');
            $table->unique(['school_id', 'slot', 'vehicle_id']);
        });
        Schema::table('schools', static function (Blueprint $table): void {
            $table->unsignedInteger('yard_revision')->default(0);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('calendar_secret', 64)->nullable()->unique();
        });
    }

    public function down(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropUnique(['calendar_secret']);
            $table->dropColumn('calendar_secret');
        });
        Schema::table('schools', static fn (Blueprint $table) => $table->dropColumn('yard_revision'));
        Schema::dropIfExists('yard_walks');
    }
};
