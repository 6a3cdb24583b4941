<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who is signed in where, and what happened in the house. */
    public function up(): void
    {
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('address');
            $table->timestamp('began_at');
            $table->timestamp('seen_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['user_id', 'ended_at']);
        });
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at')->index();
            $table->string('kind');
            $table->foreignId('group_id')->nullable()->constrained();
            $table->string('who');
            $table->string('about');
            $table->string('address')->nullable();
        });
    }
};
