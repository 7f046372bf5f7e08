<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A draft that was discarded can be brought back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('drafts', static function (Blueprint $table): void {
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::table('drafts', static function (Blueprint $table): void {
            $table->dropSoftDeletes();
        });
    }
};
