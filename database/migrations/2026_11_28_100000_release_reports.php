<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** When the reports of a published case open; null for at once, as what was published before does. */
    public function up(): void
    {
        Schema::table('case_versions', function (Blueprint $table): void {
            $table->json('release')->nullable();
            $table->timestamp('released_at')->nullable();
        });
    }
};
