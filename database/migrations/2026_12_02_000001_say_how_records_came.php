<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Walks on paper, by what a signature was given, codes to sign with on another's device, papers of a whole class. */
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
        Schema::create('paper_bundles', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('class_id')->constrained('classes');
            $table->foreignId('asked_by')->constrained('users');
            $table->string('size', 10);
            $table->unsignedSmallInteger('done')->default(0);
            $table->unsignedSmallInteger('all');
            $table->timestamp('asked_at');
            $table->timestamp('ready_at')->nullable();
            $table->timestamp('failed_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('paper_bundles');
        Schema::table('attempts', static fn (Blueprint $table) => $table->dropColumn('on_paper'));
        Schema::table('signatures', static fn (Blueprint $table) => $table->dropColumn('means'));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn([
            'signing_code_digest', 'signing_code_until',
        ]));
    }
};
