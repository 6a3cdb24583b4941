<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempt_actions', function (Blueprint $table): void {
            $table->double('shown_from')->nullable(); // seconds since 1970; empty: at once
        });
    }

    public function down(): void
    {
        Schema::table('attempt_actions', fn (Blueprint $table) => $table->dropColumn('shown_from'));
    }
};
