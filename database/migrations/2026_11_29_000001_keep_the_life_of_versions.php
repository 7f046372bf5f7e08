<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Why a version was put in force, and when, by whom and why it was withdrawn. */
return new class extends Migration
{
    private const TABLES = ['checklists', 'vehicles'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('reason', 500)->nullable();
                $table->dateTime('withdrawn_at')->nullable();
                $table->foreignId('withdrawn_by')->nullable()->constrained('users');
                $table->string('withdrawn_reason', 500)->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropConstrainedForeignId('withdrawn_by');
                $table->dropColumn(['reason', 'withdrawn_at', 'withdrawn_reason']);
            });
        }
    }
};
