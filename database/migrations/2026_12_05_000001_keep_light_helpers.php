<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A helper outside who answers for the lights of one walk, by a code and with no account. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('light_helpers', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained();
            $table->foreignId('invited_by')->constrained('users');
            $table->char('code_digest', 64)->unique();
            $table->dateTime('code_until');
            $table->dateTime('used_at')->nullable();
            $table->char('token_digest', 64)->nullable()->unique();
            $table->dateTime('until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('light_helpers');
    }
};
