<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A vehicle with a defect is taken out of service, in all its versions; who did so and when stays readable. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('vehicle_outages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->string('slug', 120);
            $table->string('reason', 500);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('from_at');
            $table->dateTime('ended_at')->nullable();
            $table->foreignId('ended_by')->nullable()->constrained('users');
            $table->index(['school_id', 'slug']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('vehicle_outages');
    }
};
