<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The marks of an attempt that nobody has touched for long, in one row; see App\Library\PackedMarks. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasTable('packed_marks')) {
            Schema::create('packed_marks', static function (Blueprint $table): void {
                $table->foreignUuid('attempt_id')->primary()->constrained();
                $table->unsignedInteger('count');
                // As MarkStore::version() tells it.
                $table->string('version', 60);
                $table->binary('marks');
                $table->dateTime('packed_at');
            });
        }
        if (! Schema::hasColumn('attempts', 'packed')) {
            Schema::table('attempts', static function (Blueprint $table): void {
                $table->boolean('packed')->default(false);
                // By which the nightly packing finds what it has not packed yet, and reads nothing else.
                $table->index(['packed', 'started_at']);
            });
        }
        // Servers of the version before cannot read packed marks: packing begins when they are surely gone.
        DB::table('service_facts')->insertOrIgnore([
            'name' => 'packing', 'value' => 'known since', 'since' => Carbon::now(),
        ]);
    }

    public function down(): void
    {
        DB::table('service_facts')->where('name', 'packing')->delete();
        Schema::table('attempts', static function (Blueprint $table): void {
            $table->dropIndex(['packed', 'started_at']);
            $table->dropColumn('packed');
        });
        Schema::dropIfExists('packed_marks');
    }
};
