<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('brake_practices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->foreignId('checklist_id')->constrained();
            $table->string('help', 10);
            $table->string('standing', 10);
            $table->string('cause', 500)->nullable();
            $table->json('controls');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('brake_practices');
    }
};
