<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Variation;

use Lernfall\Chance\Draw;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** Draws faults that a variant of a case could have. Whether they are worth as much is found out by working them. */
final readonly class Candidates
{
    /** A strength in these units counts something, so it is one of those the catalogue names. */
    private const COUNTED = ['teeth', 'none'];

    private const DIGITS = 2;

    /** @param  list<Fault>  $faults  of the case */
    public function __construct(private Vehicle $sound, private array $faults, private Catalogue $catalogue, private VariationLimits $limits, private Draw $draw)
    {
    }

    /**
     * @param  bool  $placeFixed  what the customer says names the place
     * @return list<list<Fault>> each once, and none as the case has them
     */
    public function of(Variation $variation, bool $placeFixed = false): array
    {
        $moves = $placeFixed ? [new Move] : Move::on($this->sound, $this->faults);
        $found = [self::key($this->faults) => []];
        for ($index = 0; $index < $this->limits->mostTried; $index++) {
            $faults = match (true) {
                $this->faults === [], $variation === Variation::None => [],
                $variation === Variation::SameKind => array_map(fn (Fault $fault): Fault => $this->moved($fault, $moves[$index % count($moves)], "$index"), $this->faults),
                default => $this->other($placeFixed, "$index"),
            };
            $found[self::key($faults)] ??= $faults;
        }

        return array_values(array_filter($found));
    }

    private function moved(Fault $fault, Move $move, string $name): Fault
    {
        $entry = $this->catalogue->entry($fault->kind->id);

        return new Fault($fault->kind, $channel = $move->to($fault->channel), $this->conductor($entry, $channel, $name), $this->strength($entry, $fault->strength, $name), $fault->provokedBy);
    }

    /** @return list<Fault> one of another kind, as common as such faults are */
    private function other(bool $placeFixed, string $name): array
    {
        $entries = array_filter($this->catalogue->entries, fn (CatalogueEntry $one): bool => $one->kind->id !== $this->faults[0]->kind->id && $this->places($one, $placeFixed) !== []);
        $entry = $this->weighted($entries, "$name kind");
        if ($entry === null) {
            return [];
        }
        $place = $this->one($this->places($entry, $placeFixed), "$name place");

        return [new Fault($entry->kind, $place, $this->conductor($entry, $place, $name), $this->one($entry->strengths, "$name strength"), $entry->kind->nature)];
    }

    /** @return list<string> */
    private function places(CatalogueEntry $entry, bool $placeFixed): array
    {
        $places = $entry->kind->places($this->sound);

        return $placeFixed ? array_values(array_intersect($places, [$this->faults[0]->channel])) : $places;
    }

    private function conductor(CatalogueEntry $entry, string $channel, string $name): string
    {
        return $entry->kind->onConductor ? $this->one(array_map(static fn ($one): string => $one->id, $this->sound->channel($channel)->conductors), "$name conductor") : '';
    }

    private function strength(CatalogueEntry $entry, float $usual, string $name): float
    {
        if (count(array_unique($entry->strengths)) === 1 || in_array($entry->kind->unit, self::COUNTED, true)) {
            return $usual;
        }
        $drawn = $usual * $this->limits->strengthFactor ** (2.0 * $this->draw->uniform("$name $entry->prior strength") - 1.0);

        return max($entry->least, min($entry->greatest, (float) sprintf('%.'.(self::DIGITS - 1).'e', $drawn)));
    }

    /** @param  array<CatalogueEntry>  $entries */
    private function weighted(array $entries, string $name): ?CatalogueEntry
    {
        $left = $this->draw->uniform($name) * array_sum(array_map(static fn (CatalogueEntry $one): float => $one->prior, $entries));
        foreach ($entries as $entry) {
            $left -= $entry->prior;
            if ($left <= 0.0) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * @template T
     *
     * @param  array<T>  $some  at least one
     * @return T
     */
    private function one(array $some, string $name): mixed
    {
        return array_values($some)[(int) floor($this->draw->uniform($name) * count($some))] ?? throw new LogicException('nothing to draw from');
    }

    /** @param  list<Fault>  $faults */
    private static function key(array $faults): string
    {
        return implode(' ', array_map(static fn (Fault $fault): string => $fault->key(), $faults));
    }
}
