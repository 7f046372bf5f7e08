<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('schools', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('state');
        });

        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->timestamps();
        });

        Schema::create('students', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('user_id')->nullable()->unique()->constrained();
            $table->string('name');
            $table->string('class_name');
            $table->date('exam_on')->nullable();
            $table->timestamps();
        });

        foreach (['checklists', 'vehicles'] as $name) {
            Schema::create($name, function (Blueprint $table): void {
                $table->id();
                $table->foreignId('school_id')->constrained();
                $table->string('slug', 80);
                $table->unsignedInteger('version');
                $table->string('name');
                // A row is never changed: an attempt keeps the version it was scored under.
                $table->longText('document');
                // Worked out by the database, so that it cannot disagree with the document; kept item lists go by it.
                $table->char('digest', 64)->storedAs('sha2(document, 256)');
                $table->timestamp('created_at')->nullable();
                $table->unique(['school_id', 'slug', 'version']);
            });
        }

        Schema::create('attempts', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('student_id')->constrained();
            $table->foreignId('scorer_id')->constrained('users');
            $table->foreignId('checklist_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->string('status', 20);
            $table->timestamp('started_at');
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->index(['school_id', 'status', 'started_at']);
            $table->index(['student_id', 'started_at']);
        });

        Schema::create('marks', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->constrained();
            $table->uuid('id');
            $table->unsignedInteger('at_ms');
            $table->string('kind', 30);
            $table->string('item', 80)->nullable();
            $table->string('points')->nullable();
            $table->string('place', 80)->nullable();
            $table->text('text')->nullable();
            $table->uuid('undoes')->nullable();
            $table->uuid('recorder');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('received_at', 3);
            // The attempt first: InnoDB then keeps the marks of one attempt side by side.
            $table->primary(['attempt_id', 'id']);
        });

        Schema::create('attempt_results', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->primary()->constrained();
            $table->string('standing', 10);
            $table->unsignedBigInteger('earned');
            $table->unsignedBigInteger('possible');
            $table->unsignedSmallInteger('permille');
            $table->unsignedInteger('duration_ms');
            $table->unsignedInteger('out_of_place');
        });

        Schema::create('item_outcomes', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->constrained();
            $table->string('item', 80);
            $table->string('status', 20);
            $table->unsignedBigInteger('earned');
            $table->unsignedBigInteger('possible');
            $table->primary(['attempt_id', 'item']);
        });

        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });

        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });

        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        foreach (
            [
                'cache_locks', 'cache', 'sessions', 'item_outcomes', 'attempt_results', 'marks', 'attempts', 'vehicles',
                'checklists', 'students', 'users', 'schools',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
