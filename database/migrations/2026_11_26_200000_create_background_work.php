<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The framework's own queue: what the worker does beside the answers.
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('solvability_checks', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('instructor_id')->constrained('users');
            $table->json('document');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('of')->default(0);
            $table->json('found')->nullable();
            $table->boolean('failed')->default(false);
            $table->timestamp('asked_at');
        });
    }
};
