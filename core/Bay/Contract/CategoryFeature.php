<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** A word out of several, each with its chance. */
final readonly class CategoryFeature implements Feature
{
    /** @param  array<array-key, float>  $chances by word, together 1 */
    public function __construct(public array $chances)
    {
    }

    public static function certain(string $word): self
    {
        return new self([$word => 1.0]);
    }

    /** One word with a chance, else the other. */
    public static function either(string $word, float $chance, string $otherwise): self
    {
        return new self([$word => $chance, $otherwise => 1.0 - $chance]);
    }

    public function likeliest(): string
    {
        $chances = $this->chances;
        arsort($chances);

        return (string) array_key_first($chances);
    }

    public function observed(Draw $noise, string $draw): string
    {
        return $this->likeliest();
    }

    public function exactly(): string
    {
        return $this->likeliest();
    }
}
