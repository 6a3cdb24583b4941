<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** A straight road of patches one after the other, each with a surface under the left wheels and one under the right ones. */
final readonly class Track
{
    /** @param  non-empty-list<array{float, Surface, Surface}>  $patches  metre from which it begins, left, right; rising from 0 */
    public function __construct(public array $patches)
    {
    }

    public static function of(Surface $surface): self
    {
        return new self([[0.0, $surface, $surface]]);
    }

    public static function split(Surface $left, Surface $right): self
    {
        return new self([[0.0, $left, $right]]);
    }

    /** One surface, and another one from a metre on. */
    public static function change(Surface $first, float $metres, Surface $then): self
    {
        return new self([[0.0, $first, $first], [$metres, $then, $then]]);
    }

    public function at(float $metres, bool $left): Surface
    {
        $patch = $this->patchAt($metres);

        return $left ? $this->left($patch) : $this->right($patch);
    }

    /** Number of the patch that so many metres lie on. */
    public function patchAt(float $metres): int
    {
        $number = 0;
        for ($next = 1; $next < count($this->patches) && $this->patches[$next][0] <= $metres; $next++) {
            $number = $next;
        }

        return $number;
    }

    public function left(int $patch): Surface
    {
        return $this->patches[$patch][1];
    }

    public function right(int $patch): Surface
    {
        return $this->patches[$patch][2];
    }

    /** Whether it is the same everywhere on each side. */
    public function isEven(): bool
    {
        return count($this->patches) === 1;
    }

    public function text(): string
    {
        return implode(' ', array_map(static fn (array $one): string => "$one[0]:{$one[1]->value}/{$one[2]->value}", $this->patches));
    }
}
