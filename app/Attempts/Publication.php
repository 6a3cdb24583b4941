<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Assignment;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Lernfall\Evidence\Variation\Variation;
use Lernfall\Format\CanonicalJson;

/** Freezes a draft into a version and gives it out. */
final readonly class Publication
{
    public function __construct(private ContentLibrary $library)
    {
    }

    /**
     * The same people have the same case once: a newer version takes the place of the one they have, and who has begun that keeps
     * it. What they have just so already stays as it is.
     *
     * @param  list<int>  $groups
     * @param  list<int>  $people  given to by name
     *
     * @throws ExaminationBegun where a newer version would take the place of an examination that somebody has begun
     */
    public function of(CaseDraft $draft, array $groups, ?Terms $terms = null, array $people = []): Assignment
    {
        $terms ??= new Terms(Release::of(ReleaseKind::AtOnce), Terms::usualTries($draft->isPractice()));

        return DB::transaction(fn (): Assignment => $this->given($this->frozen($draft), $groups, $people, $terms)); // two at once get numbers of their own
    }

    /** Another fault worth as much for one who missed an assignment, on its terms and as long as they like to begin it; one that there is stays. */
    public function makeUp(Assignment $missed, User $person): Assignment
    {
        $terms = new Terms($missed->release(), $missed->tries, variation: Variation::OtherFaults, minutesAllowed: $missed->minutes_allowed, closedRoom: $missed->closed_room, handbook: $missed->handbook);

        return DB::transaction(fn (): Assignment => $this->given($missed->version, [], [$person->id], $terms));
    }

    /** The draft as it is, under the number it has or the next one. */
    private function frozen(CaseDraft $draft): CaseVersion
    {
        $document = CanonicalJson::of($this->library->caseReader()->frozen($draft->document));
        $sha256 = hash('sha256', $document);
        $newest = $draft->versions()->reorder('number', 'desc')->first();

        return $newest?->sha256 === $sha256 ? $newest : CaseVersion::query()->create([
            'case_draft_id' => $draft->id,
            'number' => ($newest->number ?? 0) + 1,
            'document' => $document,
            'sha256' => $sha256,
            'published_at' => now(),
        ]);
    }

    /**
     * @param  list<int>  $groups
     * @param  list<int>  $people
     */
    private function given(CaseVersion $version, array $groups, array $people, Terms $terms): Assignment
    {
        $live = $version->draft->assignments()->with(['version', 'groups', 'people'])->whereNull('withdrawn_at')->reorder('assignments.id', 'desc')->get();
        $this->refuseReplacing($live, $version, $groups, $people);
        $before = $live->first(static fn (Assignment $one): bool => self::are($one->groups->modelKeys(), $groups) && self::are($one->people->modelKeys(), $people));
        if ($before === null) {
            $assignment = Assignment::query()->create(['case_version_id' => $version->id, 'given_at' => now(), ...$terms->columns()]);
            $assignment->groups()->attach($groups);
            $assignment->people()->attach($people);

            return $assignment;
        }
        $isNewer = $before->case_version_id !== $version->id;
        if ($isNewer || ! $terms->areThoseOf($before)) {
            $before->update(['case_version_id' => $version->id, 'given_at' => $isNewer ? now() : $before->given_at, 'released_at' => null, ...$terms->columns()]);
        }

        return $before;
    }

    /**
     * @param  Collection<int, Assignment>  $live
     * @param  list<int>  $groups
     * @param  list<int>  $people
     *
     * @throws ExaminationBegun where one of these has another version as an examination
     */
    private function refuseReplacing(Collection $live, CaseVersion $version, array $groups, array $people): void
    {
        foreach ($live as $one) {
            $meets = array_intersect($one->groups->modelKeys(), $groups) !== [] || array_intersect($one->people->modelKeys(), $people) !== [];
            $begun = $meets && $one->case_version_id !== $version->id && ! $one->version->isPractice() ? $one->attempts()->count() : 0;
            if ($begun > 0) {
                throw new ExaminationBegun($begun);
            }
        }
    }

    /**
     * @param  array<mixed>  $these
     * @param  list<int>  $those
     */
    private static function are(array $these, array $those): bool
    {
        return count($these) === count($those) && array_diff($these, $those) === [];
    }
}
