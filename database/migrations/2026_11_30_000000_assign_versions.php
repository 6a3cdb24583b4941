<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * A published version is what was frozen; to whom it is given, when and how often it can be begun and when its reports open
     * belongs to an assignment of it. What was published to a group becomes an assignment under the same number, and the job
     * that somebody has of it their first.
     */
    public function up(): void
    {
        Schema::create('assignments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_version_id')->constrained();
            $table->timestamp('given_at');
            $table->timestamp('starts_at')->nullable();
            $table->timestamp('ends_at')->nullable();
            $table->unsignedInteger('tries')->nullable();
            $table->json('release')->nullable();
            $table->timestamp('released_at')->nullable();
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamp('annulled_at')->nullable();
            $table->text('annulled_because')->nullable();
        });
        Schema::create('recipients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('assignment_id')->constrained()->cascadeOnDelete();
            $table->foreignId('group_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->unique(['assignment_id', 'group_id']);
            $table->unique(['assignment_id', 'user_id']);
            $table->index('group_id');
            $table->index('user_id');
        });
        DB::statement(<<<'SQL'
            insert into assignments (id, case_version_id, given_at, tries, release, released_at, withdrawn_at)
            select id, id, published_at, case when json_extract(document, '$.practice') then null else 1 end, release, released_at,
                coalesce(withdrawn_at, (select min(newer.published_at) from case_versions newer
                    where newer.case_draft_id = one.case_draft_id and newer.group_id = one.group_id and newer.number > one.number))
            from case_versions one
            SQL);
        DB::statement('insert into recipients (assignment_id, group_id) select id, group_id from case_versions');

        Schema::table('attempts', function (Blueprint $table): void {
            $table->unsignedBigInteger('assignment_id')->nullable();
            $table->unsignedInteger('number')->default(1);
        });
        DB::statement('update attempts set assignment_id = case_version_id');
        Schema::table('attempts', function (Blueprint $table): void {
            $table->dropUnique(['case_version_id', 'apprentice_id']);
            $table->unique(['assignment_id', 'apprentice_id', 'number']);
            $table->index('case_version_id');
        });

        Schema::table('case_versions', function (Blueprint $table): void {
            $table->dropForeign(['group_id']);
        });
        Schema::table('case_versions', function (Blueprint $table): void {
            $table->dropColumn(['group_id', 'release', 'released_at', 'withdrawn_at']);
        });
    }
};
