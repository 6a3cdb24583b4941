<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * Jobs may have a time: an assignment so many minutes, a person more of them, and what an instructor gives back, with a
     * reason. What is said to those at work stays with their jobs.
     */
    public function up(): void
    {
        Schema::table('assignments', function (Blueprint $table): void {
            $table->unsignedInteger('minutes_allowed')->nullable();
            $table->timestamp('paused_at')->nullable();
            $table->boolean('closed_room')->default(false);
            $table->boolean('handbook')->default(true);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->unsignedInteger('extra_time_percent')->default(0);
        });
        Schema::table('attempts', function (Blueprint $table): void {
            $table->timestamp('help_wanted_at')->nullable();
            $table->string('closed_by')->nullable();
            $table->index(['apprentice_id', 'concluded_at']);
        });
        Schema::create('concessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->unsignedInteger('seconds')->default(0);
            $table->text('reason');
            $table->foreignId('given_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('given_at');
            $table->index('attempt_id');
        });
        Schema::create('outages', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('began_at');
            $table->timestamp('ended_at')->index();
        });
        Schema::create('remarks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('assignment_id')->constrained()->cascadeOnDelete();
            $table->foreignId('attempt_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('author_id')->constrained('users');
            $table->text('text');
            $table->timestamp('said_at');
            $table->index('assignment_id');
        });
    }
};
