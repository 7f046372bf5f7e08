<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The sound of walks: who agreed to it, what was recorded, what was heard in it; and the queue that hears it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schools', static fn (Blueprint $table) => $table->boolean('keeps_sound')->default(false));
        Schema::table('students', static function (Blueprint $table): void {
            $table->timestamp('sound_agreed_at')->nullable();
            $table->foreignId('sound_agreed_by')->nullable()->constrained('users');
        });
        Schema::create('walk_sounds', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('recorder');
            $table->unsignedInteger('from_ms');
            $table->string('kind', 40);
            $table->string('state', 12);
            $table->unsignedInteger('lasts_ms')->default(0);
            $table->char('digest', 64)->nullable();
            $table->string('why', 300)->nullable();
            $table->mediumText('strip')->nullable();
            $table->mediumText('heard')->nullable();
            $table->mediumText('said')->nullable();
            $table->dateTime('received_at', 3);
            $table->dateTime('deleted_at')->nullable();
            $table->index(['state', 'received_at']);
        });
        Schema::create('sound_pieces', static function (Blueprint $table): void {
            $table->foreignUuid('sound_id')->constrained('walk_sounds')->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->unsignedInteger('bytes');
            $table->char('digest', 64);
            $table->primary(['sound_id', 'position']);
        });
        Schema::create('utterances', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->uuid('recorder');
            $table->unsignedInteger('from_ms');
            $table->string('state', 12);
            $table->char('digest', 64);
            $table->text('heard')->nullable();
            $table->dateTime('received_at', 3);
            $table->dateTime('heard_at', 3)->nullable();
            $table->index(['attempt_id', 'recorder', 'from_ms']);
        });
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'utterances', 'sound_pieces', 'walk_sounds'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('students', static function (Blueprint $table): void {
            $table->dropForeign(['sound_agreed_by']);
            $table->dropColumn(['sound_agreed_at', 'sound_agreed_by']);
        });
        Schema::table('schools', static fn (Blueprint $table) => $table->dropColumn('keeps_sound'));
    }
};
