<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Drives;

/** A trial on the cars that count: played as soon as somebody asks what it shows, and once. */
final class Tryout
{
    /** No drive is advised where the pedal is doubtful with a greater chance than this. */
    private const RISKED = 0.005;

    /** @var ?list<array<string, float>> */
    private ?array $outcomes = null;

    private bool $isPlayed = false;

    /** @var array<int, list<array<string, float>>> by the number of cars tried */
    private array $atBest = [];

    /**
     * @param  RepairPosterior  $cars  the likeliest first
     * @param  Car  $sound  the same with nothing wrong
     * @param  Closure(Trial): bool  $isKnown  whether it would show nothing that is not known
     */
    public function __construct(public readonly Trial $trial, private readonly Outcomes $shown, private readonly RepairPosterior $cars, private readonly Car $sound, private readonly Closure $isKnown)
    {
    }

    /** @return ?list<array<string, float>> chance by outcome, car by car; null where it shows nothing that is not known, or nobody is to be sent to do it */
    public function outcomes(): ?array
    {
        if (! $this->isPlayed) {
            $this->isPlayed = true;
            $this->outcomes = $this->shown->isAlike($this->trial, $this->cars->cars) || ($this->isKnown)($this->trial) || $this->isReckless()
                ? null
                : $this->shown->of($this->trial, $this->cars->cars, $this->cars->graded, $this->sound);
        }

        return $this->outcomes;
    }

    /**
     * The most it could show, tried on the likeliest cars only.
     *
     * @return list<array<string, float>> chance by outcome, car by car
     */
    public function atBest(int $tried): array
    {
        return $this->atBest[$tried] ??= $this->shown->atBest($this->trial, $this->cars->cars, $tried);
    }

    /** Whether the car is driven that perhaps must not be: a cheaper test at a standstill comes first. */
    private function isReckless(): bool
    {
        $drives = array_filter($this->trial->looks, static fn (CarAction $one): bool => $one instanceof Drives) !== [];

        return $drives && $this->shown->risk($this->trial, $this->cars->cars, $this->cars->chances) > self::RISKED;
    }

    public function isPlayed(): bool
    {
        return $this->isPlayed;
    }
}
