<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Attempts\CaseText;
use App\Attempts\JobFold;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;

/** Who is at work on an examination has that before them and nothing else: the one begun first, where there are several. */
final readonly class ExaminationRoom
{
    public function __construct(private JobFold $fold, private TimeOver $over)
    {
    }

    /** @param  Attempt|Assignment|null  $asked  what is looked at: nothing is loaded where nothing else is under way */
    public function closedTo(User $apprentice, Attempt|Assignment|null $asked): ?Attempt
    {
        $others = Attempt::query()->where('apprentice_id', $apprentice->id)->whereNull('concluded_at')->whereNotNull('assignment_id');
        if ($asked instanceof Attempt ? $others->whereKeyNot($asked->id)->doesntExist() : $others->doesntExist()) {
            return null;
        }
        $examination = $this->of($apprentice);
        $isIt = $asked instanceof Attempt ? $asked->id === $examination?->id : $asked !== null && $asked->id === $examination?->assignment_id;

        return $isIt ? null : $examination;
    }

    private function of(User $apprentice): ?Attempt
    {
        return Attempt::query()->with(['version', 'assignment'])->where('apprentice_id', $apprentice->id)->whereNull('concluded_at')->whereNotNull('assignment_id')->orderBy('id')->get()
            ->each($this->over->closed(...))
            ->first(static fn (Attempt $one): bool => $one->concluded_at === null && $one->assignment?->closed_room === true && $one->assignment->annulled_at === null);
    }

    public function title(Attempt $examination): string
    {
        return CaseText::told($this->fold->document($examination->version)->case, $examination->assignment)['jobTitle'];
    }
}
