<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Assignment;
use Illuminate\Support\Carbon;
use Lernfall\Evidence\Variation\Variation;

/**
 * On which terms a case is given out: when its reports open, how often it can be begun, from when and until when, in what its
 * cars differ, how long one may work at it, and what is closed meanwhile.
 */
final readonly class Terms
{
    /**
     * @param  ?int  $tries  null: as often as one likes
     * @param  ?int  $minutesAllowed  for one job; null: as long as one likes
     * @param  bool  $closedRoom  whether the lab, other jobs and old reports are closed to whoever is at work on it
     * @param  bool  $handbook  open then
     */
    public function __construct(public Release $release, public ?int $tries = 1, public ?Carbon $startsAt = null, public ?Carbon $endsAt = null, public Variation $variation = Variation::None, public ?int $minutesAllowed = null, public bool $closedRoom = false, public bool $handbook = true)
    {
    }

    /** Practice as often as one likes, an examination once. */
    public static function usual(bool $practice): self
    {
        return new self(Release::usual($practice), self::usualTries($practice), variation: self::usualVariation($practice), closedRoom: ! $practice);
    }

    public static function usualTries(bool $practice): ?int
    {
        return $practice ? null : 1;
    }

    /** Neighbours in an examination have no fault to copy. */
    public static function usualVariation(bool $practice): Variation
    {
        return $practice ? Variation::None : Variation::SameKind;
    }

    /** Whether it is given on these already. */
    public function areThoseOf(Assignment $assignment): bool
    {
        return $assignment->release()->write() === $this->release->write() && $assignment->tries === $this->tries && $assignment->variation === $this->variation
            && $assignment->minutes_allowed === $this->minutesAllowed && $assignment->closed_room === $this->closedRoom && $assignment->handbook === $this->handbook
            && $assignment->starts_at?->getTimestamp() === $this->startsAt?->getTimestamp() && $assignment->ends_at?->getTimestamp() === $this->endsAt?->getTimestamp();
    }

    /** @return array{release: array{kind: string, at: ?string}, variation: Variation, tries: ?int, starts_at: ?Carbon, ends_at: ?Carbon, minutes_allowed: ?int, closed_room: bool, handbook: bool} */
    public function columns(): array
    {
        return ['release' => $this->release->write(), 'variation' => $this->variation, 'tries' => $this->tries, 'starts_at' => $this->startsAt, 'ends_at' => $this->endsAt, 'minutes_allowed' => $this->minutesAllowed, 'closed_room' => $this->closedRoom, 'handbook' => $this->handbook];
    }
}
