<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A share alone says too little: lists tell what a verdict rests on. `pasada:project` fills it for earlier walks. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempt_results', static fn (Blueprint $table) => $table->string('reason', 500)->nullable());
    }

    public function down(): void
    {
        Schema::table('attempt_results', static fn (Blueprint $table) => $table->dropColumn('reason'));
    }
};
