<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a worker worked out; empty while it has not, and of what was asked before that was kept. */
    public function up(): void
    {
        Schema::table('counsels', function (Blueprint $table): void {
            $table->json('answer')->nullable();
            $table->string('core_revision')->nullable();
            $table->timestamp('failed_at')->nullable();
        });
    }
};
