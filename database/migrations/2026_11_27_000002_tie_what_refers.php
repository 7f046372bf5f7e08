<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a row refers to is there: the database itself sees to it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->foreign('walk_of')->references('id')->on('attempts');
        });
        // One column for each table that a draft may be made from, for a key points into one table only.
        Schema::table('drafts', function (Blueprint $table): void {
            $table->foreignId('checklist_id')->nullable()->constrained();
            $table->foreignId('vehicle_id')->nullable()->constrained();
        });
        foreach (['checklist', 'vehicle'] as $kind) {
            DB::table('drafts')->where('kind', $kind)->update(["{$kind}_id" => DB::raw('base_id')]);
        }
        Schema::table('drafts', static fn (Blueprint $table) => $table->dropColumn('base_id'));
    }

    public function down(): void
    {
        Schema::table('drafts', static fn (Blueprint $table) => $table->unsignedBigInteger('base_id')->nullable());
        DB::table('drafts')->update(['base_id' => DB::raw('coalesce(checklist_id, vehicle_id)')]);
        Schema::table('drafts', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('checklist_id');
            $table->dropConstrainedForeignId('vehicle_id');
        });
        Schema::table('attempts', static fn (Blueprint $table) => $table->dropForeign(['walk_of']));
    }
};
