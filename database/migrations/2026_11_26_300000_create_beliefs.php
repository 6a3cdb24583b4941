<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('beliefs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->unsignedInteger('step');
            $table->unsignedInteger('open');
            $table->json('foremost');
            $table->string('core_revision');
            $table->unique(['attempt_id', 'step']);
        });
    }
};
