<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\User;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\WorksheetEntry;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Format\ActionReader;

/** Two work one job: one at the car, the other one writes the card. Either closes the job, and either may change places. */
final readonly class Places
{
    /** @throws NotYourPlace */
    public static function refuse(Attempt $attempt, User $by, Action $next): void
    {
        $pair = $attempt->pair();
        if ($pair === null || $next instanceof Conclude) {
            return;
        }
        $isAtCar = $pair->isAtCar($by);
        if ($isAtCar === $next instanceof WorksheetEntry) {
            throw new NotYourPlace(self::other($attempt, $by)->name, ! $isAtCar);
        }
    }

    /** The other one of the two, or who was asked. */
    public static function other(Attempt $attempt, User $user): User
    {
        $partner = $attempt->pairing?->partner;

        return $partner === null || $partner->id === $user->id ? $attempt->apprentice : $partner;
    }

    /** @return ?array{0: User, 1: User} who works it together */
    public static function both(Attempt $attempt): ?array
    {
        $pair = $attempt->pair();

        return $pair === null ? null : [$attempt->apprentice, $pair->partner];
    }

    /**
     * What each of two did.
     *
     * @return list<array{name: string, atCar: int, atCard: int}> steps; of whoever it is without a partner, nothing
     */
    public static function shares(Attempt $attempt): array
    {
        return array_map(static function (User $one) use ($attempt): array {
            $own = $attempt->actions->filter(static fn (AttemptAction $step): bool => ($step->by_id ?? $attempt->apprentice_id) === $one->id);
            $written = $own->filter(static fn (AttemptAction $step): bool => ActionReader::read($step->action) instanceof WorksheetEntry)->count();

            return ['name' => $one->name, 'atCar' => $own->count() - $written, 'atCard' => $written];
        }, self::both($attempt) ?? []);
    }
}
