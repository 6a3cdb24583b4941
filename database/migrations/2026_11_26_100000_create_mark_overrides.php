<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Append-only: the newest of a criterion counts, and without points the computed mark counts again.
        Schema::create('mark_overrides', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->foreignId('instructor_id')->constrained('users');
            $table->string('criterion');
            $table->float('points')->nullable();
            $table->text('reason');
            $table->timestamp('decided_at');
        });
    }
};
