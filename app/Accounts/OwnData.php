<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Attempts\CaseText;
use App\Attempts\DecidedMarks;
use App\Attempts\HeldAnswers;
use App\Attempts\JobFold;
use App\Attempts\Releases;
use App\Http\Resources\NewsResource;
use App\Http\Resources\StepResource;
use App\Models\Absence;
use App\Models\Attempt;
use App\Models\LogEntry;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Everything that is kept of one person, for that person: jobs as far as they are open to them. */
final readonly class OwnData
{
    public function __construct(private JobFold $fold, private Releases $releases, private DecidedMarks $decided)
    {
    }

    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        return [
            'person' => ['name' => $user->name, 'signIn' => $user->sign_in, 'role' => $user->role->value, 'decimalSign' => $user->decimal_sign, 'largerType' => $user->larger_type, 'theme' => $user->theme],
            'groups' => DB::table('memberships')->join('groups', 'groups.id', '=', 'memberships.group_id')->where('user_id', $user->id)->orderBy('joined_at')->get(['groups.name', 'joined_at', 'left_at'])
                ->map(static fn (object $one): array => (array) $one)->all(),
            'signIns' => SignIn::query()->where('user_id', $user->id)->orderBy('id')->get()->map(static fn (SignIn $one): array => ['address' => $one->address, 'beganAt' => $one->began_at->toIso8601String(), 'seenAt' => $one->seen_at->toIso8601String()])->all(),
            'noted' => LogEntry::query()->where('user_id', $user->id)->orderBy('id')->get()->map(static fn (LogEntry $one): array => ['at' => $one->at->toIso8601String(), 'kind' => $one->kind->value, 'about' => $one->about])->all(),
            'absences' => Absence::query()->where('user_id', $user->id)->orderBy('id')->get()->map(static fn (Absence $one): array => ['assignment' => $one->assignment_id, 'kind' => $one->kind])->all(),
            'jobs' => Attempt::query()->with(['version', 'actions', 'assignment', 'markSheet', 'overrides', 'objection'])->tap(static fn ($all) => Attempt::of($all, $user))->orderBy('id')->get()
                ->map(fn (Attempt $one): array => $this->job(HeldAnswers::hidden($one)))->all(),
        ];
    }

    /** @return array<string, mixed> a closed one whose report is not open: that there is one */
    private function job(Attempt $attempt): array
    {
        $job = $this->fold->of($attempt);
        $isOpen = $attempt->concluded_at === null || $this->releases->isOpen($attempt->assignment);
        $isMarked = $isOpen && $attempt->concluded_at !== null && $attempt->markSheet !== null;

        return [
            'jobTitle' => CaseText::told($job->case, $attempt->assignment)['jobTitle'],
            'startedAt' => $attempt->started_at->toIso8601String(),
            'concludedAt' => $attempt->concluded_at?->toIso8601String(),
            'reportIsOpen' => $isOpen,
            'steps' => $isOpen ? StepResource::all($attempt->actions, $job, told: $attempt->concluded_at !== null) : [],
            'points' => $isMarked ? round($this->decided->points($attempt), 2) : null,
            'outOf' => $isMarked ? ($attempt->markSheet->sheet['outOf'] ?? null) : null,
            'objection' => $attempt->objection?->text,
            'decision' => $attempt->objection?->decision,
            'remarks' => NewsResource::remarks($attempt),
        ];
    }
}
