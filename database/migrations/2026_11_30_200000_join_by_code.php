<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A code shown to a class, and who has asked with it to be let in. */
    public function up(): void
    {
        Schema::create('join_codes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('group_id')->constrained();
            $table->string('code');
            $table->timestamp('ends_at');
            $table->index('code');
        });
        Schema::create('join_requests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('group_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained(); // on the list already; or since let in
            $table->string('name');
            $table->string('sign_in');
            $table->string('password');
            $table->char('token', 64); // of whoever asked, hashed
            $table->timestamp('asked_at');
            $table->timestamp('let_in_at')->nullable();
            $table->timestamp('refused_at')->nullable();
            $table->unique('token');
            $table->index(['group_id', 'let_in_at', 'refused_at']);
        });
    }
};
