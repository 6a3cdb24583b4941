<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who was away when an assignment was worked, or need not work it: a state of its own, not a nought. */
    public function up(): void
    {
        Schema::create('absences', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('assignment_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('kind');
            $table->foreignId('noted_by')->constrained('users');
            $table->timestamp('noted_at');
            $table->unique(['assignment_id', 'user_id']);
        });
    }
};
