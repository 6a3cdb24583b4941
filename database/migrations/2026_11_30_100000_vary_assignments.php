<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A version may have variants, each frozen like itself: the same number, one assignment. Those there are have none. */
    public function up(): void
    {
        Schema::table('assignments', function (Blueprint $table): void {
            $table->string('variation')->default('same');
            $table->json('preparation')->nullable(); // how far the variants have come
        });
        Schema::table('case_versions', function (Blueprint $table): void {
            $table->unsignedInteger('variant')->default(0);
            $table->unsignedBigInteger('variant_for')->nullable(); // the assignment
        });
        Schema::table('case_versions', function (Blueprint $table): void {
            $table->dropUnique(['case_draft_id', 'number']);
            $table->index('case_draft_id');
        });
        DB::statement('create unique index case_versions_once on case_versions (case_draft_id, number) where variant = 0');
        DB::statement('create unique index case_variants_once on case_versions (variant_for, number, variant) where variant > 0');
    }
};
