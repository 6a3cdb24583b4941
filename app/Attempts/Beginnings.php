<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Lesson\TimeOver;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Puts a car before an apprentice: of the variants the one fewest have, with a seed of its own. */
final readonly class Beginnings
{
    public function __construct(private Variants $variants, private AttemptSeed $seed, private TimeOver $over)
    {
    }

    /** @param  int  $number  which of this apprentice's jobs of it; one that there is stays */
    public function begin(Assignment $assignment, User $apprentice, int $number): Attempt
    {
        $attempt = DB::transaction(fn (): Attempt => Attempt::query()->firstOrCreate( // two neighbours at once get two variants
            ['assignment_id' => $assignment->id, 'apprentice_id' => $apprentice->id, 'number' => $number],
            ['case_version_id' => $this->variants->for($assignment, $apprentice)->id, 'seed' => $this->seed->draw($assignment->version, $apprentice, $number), 'started_at' => now()],
        ));
        $attempt->wasRecentlyCreated && $this->over->soon($attempt);

        return $attempt;
    }
}
