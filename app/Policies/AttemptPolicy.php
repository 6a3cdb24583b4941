<?php

declare(strict_types=1);

namespace App\Policies;

use App\Attempts\Releases;
use App\Models\Attempt;
use App\Models\Role;
use App\Models\User;

/** An attempt is its apprentice's own, and the partner's; whoever made the case, and who teaches the apprentice, may read along. */
final readonly class AttemptPolicy
{
    public function __construct(private Releases $releases)
    {
    }

    public function work(User $user, Attempt $attempt): bool
    {
        return $attempt->isWorkedBy($user);
    }

    /** Somebody is asked to work along: in practice. */
    public function pair(User $user, Attempt $attempt): bool
    {
        return $attempt->apprentice_id === $user->id && $attempt->assignment_id !== null && $attempt->version->isPractice();
    }

    /** Whoever was asked says yes or no. */
    public function answerPair(User $user, Attempt $attempt): bool
    {
        return $attempt->loadMissing('pairing')->pairing?->partner_id === $user->id;
    }

    /** The report names the fault, so the apprentice gets it only when the job is closed. */
    public function readReport(User $user, Attempt $attempt): bool
    {
        return $this->isOfCase($user, $attempt) || self::teaches($user, $attempt)
            || ($attempt->concluded_at !== null && $attempt->isWorkedBy($user) && ! self::isReplacedByOneUnderWay($attempt));
    }

    /** What was set aside for a fresh car may have the same cause. */
    private static function isReplacedByOneUnderWay(Attempt $attempt): bool
    {
        return $attempt->closed_by === 'instructor'
            && Attempt::query()->where('assignment_id', $attempt->assignment_id)->where('apprentice_id', $attempt->apprentice_id)->where('number', '>', $attempt->number)->whereNull('concluded_at')->exists();
    }

    /** Marks of a closed job may be decided otherwise by whoever made the case, or decides about an objection. */
    public function override(User $user, Attempt $attempt): bool
    {
        return $attempt->concluded_at !== null && ($this->isOfCase($user, $attempt) || ($attempt->objection !== null && $this->mayDecide($user, $attempt)));
    }

    /** The mark of an examination is confirmed by whoever made the case. */
    public function confirm(User $user, Attempt $attempt): bool
    {
        return $this->isExamination($attempt) && $this->isOfCase($user, $attempt);
    }

    /** Once, when the report is open. */
    public function object(User $user, Attempt $attempt): bool
    {
        return $this->isExamination($attempt) && $attempt->apprentice_id === $user->id && $this->releases->isOpen($attempt->assignment);
    }

    /** Another instructor than the one who confirmed the mark, where there is another. */
    public function decideObjection(User $user, Attempt $attempt): bool
    {
        return $this->isExamination($attempt) && $this->mayDecide($user, $attempt);
    }

    private function mayDecide(User $user, Attempt $attempt): bool
    {
        if (! $user->isInstructor() || ! ($this->isOfCase($user, $attempt) || self::teaches($user, $attempt))) {
            return false;
        }
        $judge = $attempt->confirmed_by ?? $attempt->version->draft->instructor_id;

        return $user->id !== $judge || ! self::teachers($attempt)->where('id', '!=', $judge)->exists();
    }

    private function isExamination(Attempt $attempt): bool
    {
        return $attempt->concluded_at !== null && $attempt->assignment !== null && ! $attempt->version->isPractice();
    }

    private function isOfCase(User $user, Attempt $attempt): bool
    {
        return $attempt->version->draft->isHeldBy($user);
    }

    private static function teaches(User $user, Attempt $attempt): bool
    {
        return $user->isInstructor() && $attempt->assignment_id !== null && $user->shares($attempt->apprentice);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<User> */
    private static function teachers(Attempt $attempt): \Illuminate\Database\Eloquent\Builder
    {
        return User::query()->where('role', Role::Instructor)->tap(static fn ($all) => User::onlyIn($all, $attempt->apprentice->groupIds()));
    }
}
