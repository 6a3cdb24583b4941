<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who cannot see a picture is told in words what is on it, in examinations as well. */
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->boolean('pictures_described')->default(false));
    }
};
