<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Worksheet\StationMark;

/** What an apprentice marked a station, against what the card made of it. */
final readonly class StationReview
{
    /** A station this likely to hold the fault cannot be called cleared. */
    private const NOT_CLEARED_FROM = 0.1;

    /** One less likely than this is no suspect. */
    private const NO_SUSPECT_BELOW = 0.02;

    /** One this likely has to be suspected. */
    private const SUSPECT_FROM = 0.5;

    public function __construct(public string $channel, public string $station, public StationMark $mark, public float $chance)
    {
    }

    /** "over-confident", "groundless", "missed", or "sound". */
    public function verdict(): string
    {
        return match (true) {
            $this->mark === StationMark::Cleared && $this->chance >= self::NOT_CLEARED_FROM => 'over-confident',
            $this->mark === StationMark::Suspect && $this->chance < self::NO_SUSPECT_BELOW => 'groundless',
            $this->mark !== StationMark::Suspect && $this->chance >= self::SUSPECT_FROM => 'missed',
            default => 'sound',
        };
    }
}
