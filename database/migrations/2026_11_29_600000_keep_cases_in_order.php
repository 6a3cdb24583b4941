<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a case is to teach, and whether it is put away: of the instructor's list, not of the case file. */
    public function up(): void
    {
        Schema::table('case_drafts', function (Blueprint $table): void {
            $table->json('goals')->default('[]');
            $table->timestamp('archived_at')->nullable();
        });
    }
};
