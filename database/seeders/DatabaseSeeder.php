<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Accounts\DemoAccounts;
use App\Accounts\Memberships;
use App\Attempts\ActionLog;
use App\Attempts\Publication;
use App\Documents\JsonFile;
use App\Jobs\PrepareDrives;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use LogicException;

/** An invented school: an administrator, one instructor, four apprentices, twenty-seven published cases, two finished jobs and one under way. */
final class DatabaseSeeder extends Seeder
{
    public function run(Publication $publication, ActionLog $log): void
    {
        $group = Group::query()->create(['name' => 'Lindenhof school, second year']);
        $instructor = $this->user($group, 'kessel', 'Marta Kessel', Role::Instructor);
        $this->user($group, 'amsel', 'Ruth Amsel', Role::Administrator);
        $apprentices = [];
        foreach (['arlo' => 'Arlo Winter', 'bente' => 'Bente Sand', 'cem' => 'Cem Aydin', 'dilan' => 'Dilan Ott'] as $signIn => $name) {
            $apprentices[$signIn] = $this->user($group, $signIn, $name, Role::Apprentice);
        }
        $assignments = $cars = [];
        foreach (['bakery', 'midwife', 'driving-school', 'surveyor', 'courier', 'pharmacy', 'florist', 'nurse', 'potter', 'beekeeper', 'organist', 'cellist', 'chimney-sweep', 'haulier', 'postwoman', 'vet', 'brewer', 'joiner', 'glazier', 'farrier', 'weaver', 'saddler', 'thatcher', 'shepherd', 'lamplighter', 'wheelwright', 'verger', 'locksmith'] as $case) {
            $draft = CaseDraft::query()->create(['instructor_id' => $instructor->id, 'document' => $this->file("$case.case.json")]);
            $assignments[$case] = $publication->of($draft, [$group->id]);
            $car = $draft->document['car'] ?? '';
            $cars[is_string($car) ? $car : ''] ??= $assignments[$case]->case_version_id;
        }
        array_map(PrepareDrives::dispatch(...), array_values($cars)); // once for each car: what is worked out counts for all its cases
        foreach (['arlo' => 'bakery', 'bente' => 'bakery', 'cem' => 'midwife'] as $signIn => $case) {
            $this->work($log, $assignments[$case] ?? throw new LogicException("no case $case"), $apprentices[$signIn], $signIn);
        }
    }

    private function user(Group $group, string $signIn, string $name, Role $role): User
    {
        $user = User::query()->create(['sign_in' => $signIn, 'name' => $name, 'role' => $role, 'password' => DemoAccounts::PASSWORD]);
        (new Memberships)->join($user, $group);

        return $user;
    }

    private function work(ActionLog $log, Assignment $assignment, User $apprentice, string $script): void
    {
        $attempt = Attempt::query()->create([
            'case_version_id' => $assignment->case_version_id, 'assignment_id' => $assignment->id, 'apprentice_id' => $apprentice->id, 'seed' => "demo $script", 'started_at' => now(),
        ]);
        foreach ($this->file("$script.actions.json") as $position => $action) {
            $log->take($attempt, $position + 1, (string) Str::uuid(), $action);
        }
    }

    /** @return array<array-key, mixed> */
    private function file(string $name): array
    {
        return JsonFile::read(__DIR__."/demo/$name");
    }
}
