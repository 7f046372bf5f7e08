<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the service knows of itself; so far, which store of sessions it last saw. */
return new class extends Migration
{
    /** May be run again where it failed half-way: the database cannot take a change of tables back. */
    public function up(): void
    {
        if (Schema::hasTable('service_facts')) {
            return;
        }
        Schema::create('service_facts', static function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->string('value', 80);
            $table->dateTime('since');
            $table->dateTime('emptied_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('service_facts');
    }
};
