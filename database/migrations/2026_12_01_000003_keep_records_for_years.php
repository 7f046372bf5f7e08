<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How long records are kept, what nobody may delete meanwhile, and what is left of those that were deleted. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('kept_years')->default(3);
        });
        Schema::create('legal_holds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('student_id')->constrained();
            $table->string('reason', 500);
            $table->foreignId('set_by')->constrained('users');
            $table->timestamp('set_at');
            $table->timestamp('ended_at')->nullable();
        });
        Schema::create('tombstones', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->unsignedInteger('attempts');
            $table->unsignedInteger('marks');
            $table->date('oldest');
            $table->date('newest');
            $table->char('digest', 64);
            $table->foreignId('deleted_by')->constrained('users');
            $table->timestamp('deleted_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tombstones');
        Schema::dropIfExists('legal_holds');
        Schema::table('schools', static fn (Blueprint $table) => $table->dropColumn('kept_years'));
    }
};
