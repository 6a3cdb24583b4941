<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

/** Whether a case can be solved by sensible testing, and at what price. */
final readonly class Solvability
{
    /** The chance from which a first look gives a repair away. */
    private const GIVEN_AWAY = 0.9;

    /**
     * @param  list<Path>  $paths  of someone who follows the advice on several cars with this fault
     * @param  string  $needed  the remedy
     * @param  float  $afterFirstLook  chance of that remedy once the codes have been read
     * @param  list<string>  $apart  names of hypotheses with another remedy that some test tells apart
     * @param  list<string>  $together  and of those that no test does
     * @param  bool  $looksSound  no test shows anything a sound car would not
     * @param  list<string>  $silent  names of its faults that neither a lamp nor a code nor an instrument tells of
     * @param  array<string, list<string>>  $tools  what one withheld tool alone would tell apart of those, by tool
     */
    public function __construct(
        public array $paths,
        public string $needed,
        public float $afterFirstLook,
        public array $apart,
        public array $together,
        public bool $looksSound,
        public array $tools = [],
        public array $silent = [],
    ) {
    }

    /** Most of those who follow the advice reach the right repair. */
    public function isSolvable(): bool
    {
        return 2 * count($this->right()) > count($this->paths);
    }

    /** The shortest of the right paths; null where there is none. */
    public function shortest(): ?Path
    {
        $right = $this->right();
        usort($right, static fn (Path $one, Path $other): int => $one->job->minutes() <=> $other->job->minutes());

        return $right[0] ?? null;
    }

    /** @return list<string> "given-away", "looks-sound", "silent-here", "not-told-apart" */
    public function warnings(): array
    {
        return [
            ...($this->afterFirstLook >= self::GIVEN_AWAY ? ['given-away'] : []),
            ...($this->looksSound ? ['looks-sound'] : []),
            ...($this->silent !== [] ? ['silent-here'] : []),
            ...($this->together !== [] ? ['not-told-apart'] : []),
        ];
    }

    /** @return list<Path> */
    private function right(): array
    {
        return array_values(array_filter($this->paths, static fn (Path $path): bool => $path->isRight()));
    }
}
