<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How somebody wants numbers written and letters sized. */
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('decimal_sign')->default('');
            $table->boolean('larger_type')->default(false);
        });
    }
};
