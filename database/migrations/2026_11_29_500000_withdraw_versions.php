<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What was given out can be taken back from whoever has not started it. */
    public function up(): void
    {
        Schema::table('case_versions', function (Blueprint $table): void {
            $table->timestamp('withdrawn_at')->nullable();
        });
    }
};
