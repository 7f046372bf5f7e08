<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a student rehearsed alone, apart from scored walks; what is said in it may be heard by the server. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rehearsals', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('student_id')->constrained();
            $table->foreignId('checklist_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->string('scope', 120);
            $table->string('label', 160);
            $table->mediumText('words');
            $table->unsignedInteger('pieces')->default(0);
            $table->unsignedSmallInteger('asked');
            $table->unsignedSmallInteger('whole')->default(0);
            $table->unsignedSmallInteger('permille')->default(0);
            $table->dateTime('begun_at');
            $table->dateTime('changed_at');
            $table->index(['student_id', 'begun_at']);
        });
        Schema::table('utterances', static function (Blueprint $table): void {
            $table->uuid('attempt_id')->nullable()->change();
            $table->foreignUuid('rehearsal_id')->nullable()->after('attempt_id')->constrained()->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('utterances', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('rehearsal_id');
        });
        Schema::dropIfExists('rehearsals');
    }
};
