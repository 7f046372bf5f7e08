<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What an installation is, who comes in by which roles, classes, exam appointments, and walks that went wrong. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('installation', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->string('kind', 10);
            $table->char('code_digest', 64)->nullable();
            $table->timestamp('code_until')->nullable();
        });
        if (DB::table('schools')->exists()) {
            DB::table('installation')->insert([
                'id' => 1, 'kind' => DB::table('schools')->where('is_demo', true)->exists() ? 'demo' : 'school',
            ]);
        }
        Schema::table('users', static function (Blueprint $table): void {
            $table->json('also')->default('[]');
            $table->timestamp('disabled_at')->nullable();
            $table->timestamp('password_set_at')->nullable();
            $table->text('two_factor_secret')->nullable();
            $table->timestamp('two_factor_at')->nullable();
            $table->unsignedBigInteger('two_factor_step')->nullable();
            $table->text('recovery_codes')->nullable();
        });
        Schema::table('schools', static function (Blueprint $table): void {
            $table->json('two_factor_roles')->default('[]');
            $table->timestamp('started_at')->nullable();
        });
        Schema::create('access_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->char('token_digest', 64)->unique();
            $table->timestamp('until');
            $table->timestamp('used_at')->nullable();
            $table->foreignId('made_by')->nullable()->constrained('users');
            $table->timestamp('made_at');
        });
        Schema::create('classes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->string('name', 120);
            $table->date('begins_on')->nullable();
            $table->date('ends_on')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->unique(['school_id', 'name']);
        });
        Schema::create('class_instructors', static function (Blueprint $table): void {
            $table->foreignId('class_id')->constrained('classes');
            $table->foreignId('user_id')->constrained();
            $table->primary(['class_id', 'user_id']);
        });
        Schema::create('class_vehicles', static function (Blueprint $table): void {
            $table->foreignId('class_id')->constrained('classes');
            // Of all versions of a vehicle.
            $table->string('vehicle', 80);
            $table->primary(['class_id', 'vehicle']);
        });
        Schema::table('students', static function (Blueprint $table): void {
            $table->foreignId('class_id')->nullable()->constrained('classes');
            $table->string('number', 40)->nullable();
            $table->uuid('uuid')->nullable()->unique();
            $table->timestamp('archived_at')->nullable();
            $table->foreignId('merged_into')->nullable()->constrained('students');
            $table->unique(['school_id', 'number']);
        });
        DB::statement('INSERT INTO classes (school_id, name) SELECT DISTINCT school_id, class_name FROM students');
        DB::statement('UPDATE students JOIN classes ON classes.school_id = students.school_id '.
            'AND classes.name = students.class_name SET students.class_id = classes.id');
        Schema::table('students', static fn (Blueprint $table) => $table->dropColumn('class_name'));
        Schema::create('exam_appointments', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('student_id')->constrained();
            $table->date('held_on');
            $table->char('begins', 5)->nullable();
            $table->string('place', 120)->nullable();
            $table->string('examiner', 120)->nullable();
            $table->string('vehicle', 80)->nullable();
            $table->string('form', 40)->nullable();
            $table->foreignId('noted_by')->constrained('users');
            $table->timestamp('cancelled_at')->nullable();
            $table->index(['student_id', 'held_on']);
        });
        Schema::table('attempts', static function (Blueprint $table): void {
            $table->timestamp('voided_at')->nullable();
            $table->foreignId('voided_by')->nullable()->constrained('users');
            $table->string('void_reason', 500)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('attempts', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('voided_by');
            $table->dropColumn(['voided_at', 'void_reason']);
        });
        Schema::dropIfExists('exam_appointments');
        Schema::table('students', static fn (Blueprint $table) => $table->string('class_name')->default(''));
        DB::statement('UPDATE students JOIN classes ON classes.id = students.class_id SET class_name = classes.name');
        Schema::table('students', static function (Blueprint $table): void {
            $table->dropUnique(['school_id', 'number']);
            $table->dropConstrainedForeignId('class_id');
            $table->dropConstrainedForeignId('merged_into');
            $table->dropColumn(['number', 'uuid', 'archived_at']);
        });
        foreach (['class_vehicles', 'class_instructors', 'classes', 'access_links', 'installation'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('schools', static fn (Blueprint $table) => $table->dropColumn([
            'two_factor_roles', 'started_at',
        ]));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn([
            'also', 'disabled_at', 'password_set_at', 'two_factor_secret', 'two_factor_at', 'two_factor_step',
            'recovery_codes',
        ]));
    }
};
