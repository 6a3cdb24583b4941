<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Attempts\KeptSteps;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseDraft;
use App\Models\LogEntry;
use App\Models\Pairing;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Nothing of a person is left: an apprentice goes with all jobs and marks, an instructor loses name and account, because marks of
 * others hang on what was composed and decided.
 */
final readonly class Deletion
{
    public function __construct(private Passwords $passwords, private KeptSteps $steps)
    {
    }

    public function of(User $person): void
    {
        DB::transaction(function () use ($person): void {
            $this->attempts(Attempt::query()->where('apprentice_id', $person->id));
            AttemptAction::query()->where('by_id', $person->id)->update(['by_id' => null]);
            Pairing::query()->where('partner_id', $person->id)->delete();
            foreach (['memberships', 'recipients', 'absences', 'sign_ins', 'join_requests', 'bench_sheets', 'case_shares'] as $table) {
                DB::table($table)->where('user_id', $person->id)->delete();
            }
            DB::table('join_requests')->where('sign_in', $person->sign_in)->delete();
            DB::table('own_vehicles')->where('instructor_id', $person->id)->delete();
            DB::table('solvability_checks')->where('instructor_id', $person->id)->delete();
            CaseDraft::query()->where('instructor_id', $person->id)->whereDoesntHave('frozen')->delete();
            $this->unnamed($person);
            $person->role === Role::Apprentice ? $person->delete() : $person->update([
                'name' => Strings::text('people.somebody-deleted'), 'sign_in' => 'deleted-'.Str::lower(Str::random(12)), 'password' => $this->passwords->nobodys(), 'for_once' => null,
            ]);
        });
    }

    /**
     * Jobs and whatever belongs to them.
     *
     * @param  Builder<Attempt>  $which
     * @return int how many
     */
    public function attempts(Builder $which): int
    {
        $attempts = $which->get(['id']);
        foreach (Schema::getTables() as ['name' => $table]) {
            if (Schema::hasColumn($table, 'attempt_id')) {
                $attempts->modelKeys() === [] || DB::table($table)->whereIn('attempt_id', $attempts->modelKeys())->delete();
            }
        }
        $attempts->each($this->steps->forget(...));
        Attempt::query()->whereKey($attempts->modelKeys())->delete();

        return $attempts->count();
    }

    /** What the house notes stays without the name. */
    private function unnamed(User $person): void
    {
        $nobody = Strings::text('people.somebody-deleted');
        foreach (LogEntry::query()->where('user_id', $person->id)->orWhere('about', 'like', "%$person->name%")->orWhere('who', $person->sign_in)->orWhere('who', $person->name)->get() as $entry) {
            $entry->update([
                'user_id' => $entry->user_id === $person->id ? null : $entry->user_id,
                'who' => in_array($entry->who, [$person->name, $person->sign_in], true) || $entry->user_id === $person->id ? $nobody : $entry->who,
                'about' => str_replace($person->name, $nobody, $entry->about), 'address' => null,
            ]);
        }
    }
}
