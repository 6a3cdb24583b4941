<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('groups', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('group_id')->constrained();
            $table->string('sign_in')->unique();
            $table->string('name');
            $table->string('role');
            $table->string('password');
            $table->timestamps();
        });
        Schema::create('case_drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->json('document');
            $table->timestamps();
        });
        // Published versions never change: the document holds its vehicle, and its hash proves it.
        Schema::create('case_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_draft_id')->constrained();
            $table->foreignId('group_id')->constrained();
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->char('sha256', 64);
            $table->timestamp('published_at');
            $table->unique(['case_draft_id', 'number']);
        });
        Schema::create('attempts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_version_id')->constrained();
            $table->foreignId('apprentice_id')->constrained('users');
            $table->string('seed');
            $table->timestamp('started_at');
            $table->timestamp('concluded_at')->nullable();
            $table->unique(['case_version_id', 'apprentice_id']);
        });
        // Append-only: an action and what it showed enter together, numbered without gaps.
        Schema::create('attempt_actions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->unsignedInteger('number');
            $table->uuid('key');
            $table->json('action');
            $table->json('observation');
            $table->float('minutes');
            $table->float('money');
            $table->string('core_revision');
            $table->timestamp('done_at');
            $table->unique(['attempt_id', 'number']);
            $table->unique(['attempt_id', 'key']);
        });
        Schema::create('mark_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained();
            $table->json('sheet');
            $table->string('core_revision');
            $table->timestamp('marked_at');
        });
    }
};
