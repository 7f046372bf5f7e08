<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Walks that were scored on paper, by what a signature was given, and codes to sign with on another's device. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempts', static fn (Blueprint $table) => $table->boolean('on_paper')->default(false));
        Schema::table('signatures', static fn (Blueprint $table) => $table->string('means', 12)->default('glass'));
        Schema::table('users', static function (Blueprint $table): void {
            $table->char('signing_code_digest', 64)->nullable()->unique();
            $table->timestamp('signing_code_until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('attempts', static fn (Blueprint $table) => $table->dropColumn('on_paper'));
        Schema::table('signatures', static fn (Blueprint $table) => $table->dropColumn('means'));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn([
            'signing_code_digest', 'signing_code_until',
        ]));
    }
};
