<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A person may be in several groups, one after the other or at once; the one group there was becomes the first. What somebody did is theirs, in whatever group. */
    public function up(): void
    {
        Schema::create('memberships', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('group_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('joined_at');
            $table->timestamp('left_at')->nullable();
            $table->index(['user_id', 'left_at']);
        });
        DB::statement('create unique index memberships_once on memberships (group_id, user_id) where left_at is null');
        DB::statement('insert into memberships (group_id, user_id, joined_at) select group_id, id, coalesce(created_at, current_timestamp) from users');
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->foreignId('user_id')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropForeign(['group_id']);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('group_id');
            $table->text('for_once')->nullable(); // a password for once, encrypted
        });
    }
};
