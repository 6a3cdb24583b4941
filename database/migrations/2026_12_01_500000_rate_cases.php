<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How difficult its instructor takes a case to be; empty where nobody has said. */
    public function up(): void
    {
        Schema::table('case_drafts', function (Blueprint $table): void {
            $table->string('difficulty')->default('');
        });
    }
};
