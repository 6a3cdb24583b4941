<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // One row for each closed job whose marks were asked for; whoever works on them has claimed the row.
        Schema::create('markings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained();
            $table->timestamp('asked_at');
            $table->timestamp('claimed_at')->nullable();
            $table->string('claimed_by')->nullable();
            $table->timestamp('failed_at')->nullable();
        });
        Schema::dropIfExists('jobs'); // what waits for a worker has a file of its own, see App\Work\QueueFile
        // Jobs that were caught between their last step and being closed.
        DB::statement(<<<'SQL'
            update attempts set concluded_at = (select done_at from attempt_actions where attempt_id = attempts.id and action ->> '$.do' = 'conclude')
            where concluded_at is null and exists (select 1 from attempt_actions where attempt_id = attempts.id and action ->> '$.do' = 'conclude')
            SQL);
    }
};
