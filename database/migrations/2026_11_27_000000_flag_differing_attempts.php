<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a replay by a later core would show otherwise; empty lists where nothing would. */
    public function up(): void
    {
        Schema::create('attempt_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained();
            $table->json('steps');
            $table->json('marks');
            $table->string('core_revision');
            $table->timestamp('checked_at');
        });
    }
};
