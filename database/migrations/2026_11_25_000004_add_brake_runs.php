<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('brake_runs', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->primary()->constrained();
            // Everything ever observed, in the open format; what was taken back is marked so and stays.
            $table->json('events');
            $table->json('taken_back');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('brake_runs');
    }
};
