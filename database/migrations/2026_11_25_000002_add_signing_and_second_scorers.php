<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->string('mode', 10)->default('practice');
            // By the scorer's leave, others of the school and the student see the sheet as it grows.
            $table->boolean('live')->default(false);
            // Another scorer's attempt at the same walk; both are blind to each other until both are finished.
            $table->uuid('walk_of')->nullable()->index();
        });
        Schema::create('signatures', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('attempt_id')->constrained();
            $table->string('party', 10);
            $table->string('name');
            // Strokes as drawn, in thousandths of the pad; a picture could not be enlarged or checked.
            $table->json('strokes');
            $table->timestamp('signed_at', 3);
            $table->unique(['attempt_id', 'party']);
        });
        Schema::create('amendments', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('reason', 500);
            $table->timestamp('made_at', 3);
        });
        Schema::table('marks', function (Blueprint $table): void {
            // Set for a mark made after the record was closed; without those, the original stays readable.
            $table->uuid('amendment_id')->nullable();
        });
        Schema::table('schools', function (Blueprint $table): void {
            $table->json('note_phrases')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('schools', static fn (Blueprint $table) => $table->dropColumn('note_phrases'));
        Schema::table('marks', static fn (Blueprint $table) => $table->dropColumn('amendment_id'));
        Schema::dropIfExists('amendments');
        Schema::dropIfExists('signatures');
        Schema::table('attempts', static fn (Blueprint $table) => $table->dropColumn(['mode', 'live', 'walk_of']));
    }
};
