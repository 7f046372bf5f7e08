<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recordings', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->primary()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 200);
            // The captions as they came. What is heard in them is computed anew, so a better lexicon hears more.
            $table->mediumText('content');
            // Keys of proposals that the scorer has turned down.
            $table->json('rejected');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recordings');
    }
};
