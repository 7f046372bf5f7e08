<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['checklists', 'vehicles'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // The day from which new attempts use this version.
                $table->date('in_force_from')->nullable();
                $table->foreignId('author_id')->nullable()->constrained('users');
            });
            DB::table($name)->update(['in_force_from' => DB::raw('date(created_at)')]);
        }
        Schema::table('attempts', function (Blueprint $table): void {
            $table->string('form', 80)->nullable();
            // The draw can be repeated from it; null where the form was set by hand or there are none.
            $table->unsignedInteger('form_seed')->nullable();
        });
        Schema::table('marks', function (Blueprint $table): void {
            // Side, figure, source and exceptions of a reference, section: what only some kinds carry.
            $table->json('details')->nullable();
        });
        Schema::create('drafts', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 20);
            $table->string('slug', 80);
            // The version it was made from; null for one that came from a file.
            $table->unsignedBigInteger('base_id')->nullable();
            $table->unsignedInteger('step');
            $table->timestamps();
            $table->index(['school_id', 'kind']);
        });
        Schema::create('draft_steps', function (Blueprint $table): void {
            $table->foreignUuid('draft_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('step');
            $table->longText('document');
            $table->primary(['draft_id', 'step']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('draft_steps');
        Schema::dropIfExists('drafts');
        Schema::table('marks', static fn (Blueprint $table) => $table->dropColumn('details'));
        Schema::table('attempts', static fn (Blueprint $table) => $table->dropColumn(['form', 'form_seed']));
        foreach (['checklists', 'vehicles'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropConstrainedForeignId('author_id');
                $table->dropColumn('in_force_from');
            });
        }
    }
};
