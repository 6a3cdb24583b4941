<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/**
 * What lies between two cursors that somebody has put on a trace: time, what repeats in that time, or the step from one level
 * to the other. Where the cursors stood is part of its name, as thousandths of the screen: "between.hertz.250.750".
 */
final readonly class BetweenCursors
{
    private const NAME = '/^between\.(seconds|hertz|volts)\.(\d{1,4})\.(\d{1,4})$/';

    private const PLACES = 1000;

    /** Cursors are moved by this share of the screen. */
    private const STEP = 0.002;

    private function __construct(private string $quantity, private int $from, private int $to)
    {
    }

    public static function named(string $feature): ?self
    {
        return preg_match(self::NAME, $feature, $found) === 1 && (int) $found[2] <= self::PLACES && (int) $found[3] <= self::PLACES
            ? new self($found[1], (int) $found[2], (int) $found[3])
            : null;
    }

    /** @return ?ObservedNumber null where both stand at the same place and nothing lies between */
    public function on(ObservedTrace $trace): ?ObservedNumber
    {
        $across = count($trace->steps) * $trace->secondsPerSample;
        $seconds = abs($this->to - $this->from) / self::PLACES * $across;
        if ($seconds <= 0.0) {
            return null;
        }
        $resolution = self::STEP * $across;

        return match ($this->quantity) {
            'seconds' => ObservedNumber::shown('seconds', $seconds, $resolution),
            'hertz' => ObservedNumber::shown('hertz', 1.0 / $seconds, $resolution / $seconds ** 2),
            default => ObservedNumber::shown('volts', $this->level($trace, $this->to) - $this->level($trace, $this->from), $trace->voltsPerStep),
        };
    }

    private function level(ObservedTrace $trace, int $place): float
    {
        $last = count($trace->steps) - 1;

        return $trace->steps[min($last, (int) round($place / self::PLACES * ($last + 1)))] * $trace->voltsPerStep;
    }
}
