<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Cars of an instructor's own: a built-in one with other values, and the false alarms it was found to give. */
    public function up(): void
    {
        Schema::create('own_vehicles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->string('base');
            $table->string('name');
            $table->json('car_values');
            $table->json('alarms');
            $table->timestamps();
            $table->unique(['instructor_id', 'name']);
        });
    }
};
