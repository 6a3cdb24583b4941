<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('counsels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->unsignedInteger('after_step');
            $table->string('about');
            $table->timestamp('asked_at');
            $table->unique(['attempt_id', 'after_step', 'about']);
        });
    }
};
