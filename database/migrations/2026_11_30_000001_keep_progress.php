<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a school's attempts tell, kept so that it is not worked out at every look, and results of real exams. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('school_models', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('checklist_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->unsignedInteger('attempts');
            $table->unsignedInteger('results');
            $table->longText('model');
            $table->dateTime('fitted_at', 3);
            $table->unique(['school_id', 'checklist_id', 'vehicle_id']);
        });
        Schema::create('student_readiness', static function (Blueprint $table): void {
            $table->foreignId('student_id')->primary()->constrained();
            $table->foreignId('checklist_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->string('basis', 40);
            $table->longText('answer');
            $table->dateTime('answered_at', 3);
        });
        Schema::create('exam_results', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id')->constrained();
            $table->foreignId('student_id')->constrained();
            $table->date('held_on');
            $table->boolean('passed');
            $table->string('form', 40)->nullable();
            $table->longText('missed')->nullable();
            $table->double('untold')->nullable();
            $table->double('chance')->nullable();
            $table->double('low')->nullable();
            $table->double('high')->nullable();
            $table->foreignId('recorded_by')->constrained('users');
            $table->dateTime('recorded_at');
            $table->dateTime('withdrawn_at')->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['student_id', 'held_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('exam_results');
        Schema::dropIfExists('student_readiness');
        Schema::dropIfExists('school_models');
    }
};
