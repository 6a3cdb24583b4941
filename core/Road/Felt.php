<?php

declare(strict_types=1);

namespace Lernfall\Road;

/**
 * What the driver of a stop, or of a car that pulls away, can tell, in words: of several tries, since where the rings stand as the brakes are put on changes every figure a little.
 */
final readonly class Felt
{
    /** What there is to tell about each; of a wheel, it is "mark" or "spin" with the name of the wheel. */
    public const WORDS = [
        'foot' => ['holds-under-foot', 'sinks-under-foot'],
        'beat' => ['no-beat', 'beats-back'],
        'pulse' => ['no-pulse', 'pulses-with-wheels'],
        'course' => ['keeps-straight', 'pulls-left', 'pulls-right', 'swings-round'],
        'steering' => ['steering-answers', 'steering-dead'],
        'distance' => ['usual-distance', 'longer-distance', 'shorter-distance'],
        'mark' => ['wheel-rolls', 'wheel-leaves-mark'],
        'away' => ['usual-away', 'slower-away', 'quicker-away'],
        'unit' => ['unit-quiet', 'unit-heard'],
        'engine' => ['engine-pulls', 'engine-held-back'],
        'lamp' => ['lamp-dark', 'lamp-flickers', 'lamp-lit'],
        'spin' => ['wheel-grips', 'wheel-spins'],
        'self-test' => ['unit-heard-once', 'unit-not-heard', 'unit-runs-on'],
    ];

    /** A try that was not made counts for so much as one that was, for each word there is. */
    private const UNTRIED = 0.15;

    /** @param  array<string, non-empty-list<string>>  $told  of each try, by what it is about */
    private function __construct(private array $told)
    {
    }

    /** @param  non-empty-list<array<string, string>>  $words  of each try, by what they are about */
    public static function by(array $words): self
    {
        $told = [];
        foreach ($words as $one) {
            foreach ($one as $about => $word) {
                $told[$about][] = $word;
            }
        }

        return new self($told);
    }

    /** @return list<string> what there is to tell about */
    public function subjects(): array
    {
        return array_keys($this->told);
    }

    /** @return array<string, float> chance of each word, by how many tries tell it */
    public function chances(string $about): array
    {
        $counts = array_count_values($this->told[$about]);
        $words = self::WORDS[explode('.', $about)[0]];
        $all = count($this->told[$about]) + self::UNTRIED * count($words);

        return array_combine($words, array_map(static fn (string $word): float => (($counts[$word] ?? 0) + self::UNTRIED) / $all, $words));
    }
}
