<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Two may work one job of practice together: one at the car, one at the card; each step says whose it was. */
    public function up(): void
    {
        Schema::create('pairings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('partner_id')->constrained('users')->cascadeOnDelete();
            $table->boolean('partner_at_car')->default(false);
            $table->timestamp('asked_at');
            $table->timestamp('joined_at')->nullable();
            $table->index('partner_id');
        });
        Schema::table('attempt_actions', function (Blueprint $table): void {
            $table->unsignedBigInteger('by_id')->nullable();
        });
    }
};
