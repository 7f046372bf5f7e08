<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who did what to which record: only ever added to, each line with the digest of the one before. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trail', static function (Blueprint $table): void {
            $table->id();
            // The school whose trail it is; 0 for the installation itself.
            $table->unsignedBigInteger('chain');
            $table->unsignedBigInteger('position');
            $table->char('at', 24);
            $table->string('who', 200);
            $table->string('did', 40);
            $table->string('kind', 40);
            $table->string('record', 64);
            $table->longText('before')->nullable();
            $table->longText('after')->nullable();
            $table->string('address', 45);
            $table->char('previous', 64);
            $table->char('digest', 64);
            $table->unique(['chain', 'position']);
            $table->index(['chain', 'kind', 'record']);
        });
        Schema::create('trail_heads', static function (Blueprint $table): void {
            $table->unsignedBigInteger('chain')->primary();
            $table->unsignedBigInteger('position');
            $table->char('digest', 64);
        });
        foreach (['UPDATE', 'DELETE'] as $what) {
            DB::unprepared(sprintf(
                "CREATE TRIGGER trail_no_%s BEFORE %s ON trail FOR EACH ROW SIGNAL SQLSTATE '45000' ".
                    "SET MESSAGE_TEXT = 'The trail is only added to.'",
                strtolower($what), $what,
            ));
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('trail_heads');
        Schema::dropIfExists('trail');
    }
};
