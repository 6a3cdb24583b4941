<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What lies on somebody's bench and has not been kept as a case: one sheet for each case, and one for a new one. */
    public function up(): void
    {
        Schema::create('bench_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('case_draft_id')->nullable()->constrained()->cascadeOnDelete();
            $table->json('fields');
            $table->timestamp('laid_at');
        });
        DB::statement('create unique index bench_sheets_of on bench_sheets (user_id, coalesce(case_draft_id, 0))');
    }
};
