<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Whoever was given a password for once chooses an own one next; whoever has one keeps it. */
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('chooses_password')->default(false);
        });
    }
};
