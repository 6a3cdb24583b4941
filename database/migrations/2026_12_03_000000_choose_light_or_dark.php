<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Light or dark; empty: as the browser asks for it. */
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->string('theme')->default(''));
    }
};
