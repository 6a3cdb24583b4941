<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The mark of an examination counts once an instructor has confirmed it by name; its apprentice may object. Marks there were before were never proposals. */
    public function up(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->timestamp('confirmed_at')->nullable();
            $table->unsignedBigInteger('confirmed_by')->nullable();
        });
        DB::statement('update attempts set confirmed_at = concluded_at where concluded_at is not null');
        Schema::create('objections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained();
            $table->text('text');
            $table->timestamp('raised_at');
            $table->foreignId('decided_by')->nullable()->constrained('users');
            $table->boolean('upheld')->nullable();
            $table->text('decision')->nullable();
            $table->timestamp('decided_at')->nullable();
        });
    }
};
