<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A case may belong to several instructors; who changed it last is told to the others. */
    public function up(): void
    {
        Schema::create('case_shares', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_draft_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unique(['case_draft_id', 'user_id']);
            $table->index('user_id');
        });
        Schema::table('case_drafts', function (Blueprint $table): void {
            $table->unsignedBigInteger('changed_by')->nullable();
        });
    }
};
