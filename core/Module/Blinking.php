<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\LampCodes;

/**
 * A lamp over time: lit and dark by turns. What has to be counted is one whole list; it begins again after its last pause.
 *
 * The rules of counting (digit by blinks, pauses of three lengths, even blinking where there is no code) are common practice,
 * no source; the lengths are data of the vehicle.
 */
final readonly class Blinking
{
    /** A pause this share longer than a shorter one is told from it. */
    private const CLEARLY_LONGER = 0.25;

    /** @param  list<float>  $seconds  lit and dark by turns, beginning lit */
    private function __construct(public array $seconds)
    {
    }

    /**
     * One list of codes in ascending order; even blinking where there is none.
     *
     * @param  list<string>  $codes  of as many digits as the vehicle blinks
     */
    public static function of(array $codes, LampCodes $rules): self
    {
        if ($codes === []) {
            return self::even($rules->timing->evenSeconds);
        }
        $codes = array_values(array_unique($codes));
        sort($codes, SORT_STRING);
        $seconds = [];
        foreach ($codes as $index => $code) {
            $digits = str_split($code);
            foreach ($digits as $place => $digit) {
                $pause = match (true) {
                    $place < count($digits) - 1 => $rules->timing->digitPauseSeconds,
                    $index < count($codes) - 1 => $rules->timing->codePauseSeconds,
                    default => $rules->timing->listPauseSeconds,
                };
                $seconds = [...$seconds, ...self::digit((int) $digit, $rules->timing->blinkSeconds / 2.0, $pause)];
            }
        }

        return new self($seconds);
    }

    /** @param  float  $everySeconds  from one blink to the next */
    public static function even(float $everySeconds): self
    {
        return new self([$everySeconds / 2.0, $everySeconds / 2.0]);
    }

    /**
     * What an attentive eye counts.
     *
     * @return list<string> empty for even blinking
     */
    public function counted(LampCodes $rules): array
    {
        $codes = [];
        $code = '';
        $blinks = 0;
        foreach (array_chunk($this->seconds, 2) as $blink) {
            $blinks++;
            $dark = $blink[1] ?? 0.0;
            if ($dark <= $rules->timing->blinkSeconds / 2.0 * (1.0 + self::CLEARLY_LONGER)) {
                continue;
            }
            $code .= $blinks;
            $blinks = 0;
            if ($rules->digits === 1 || $dark > $rules->timing->digitPauseSeconds * (1.0 + self::CLEARLY_LONGER)) {
                $codes[] = $code;
                $code = '';
            }
        }

        return count($this->seconds) <= 2 && $this->seconds[0] === ($this->seconds[1] ?? 0.0) ? [] : $codes;
    }

    /** As one word: the lengths in seconds, lit and dark by turns. */
    public function text(): string
    {
        return implode(' ', array_map(static fn (float $one): string => sprintf('%.3f', $one), $this->seconds));
    }

    public static function fromText(string $text): self
    {
        return new self(array_map(floatval(...), explode(' ', $text)));
    }

    /** @return list<float> with the pause after the last blink */
    private static function digit(int $blinks, float $half, float $pause): array
    {
        $seconds = [];
        for ($blink = 1; $blink <= $blinks; $blink++) {
            array_push($seconds, $half, $blink < $blinks ? $half : $pause);
        }

        return $seconds;
    }
}
