<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Evidence\Belief\Priors;
use Lernfall\Evidence\Belief\Pursuit;
use Lernfall\Evidence\Belief\Scatter;
use Lernfall\Evidence\Belief\Weighing;
use Lernfall\Vehicle\Provocation;

/** Reads how observations are weighed from decoded JSON. */
final readonly class WeighingReader
{
    public const FORMAT = 'lernfall-weighing/1';

    /** @throws InvalidDocument */
    public static function read(mixed $document): Weighing
    {
        $root = Node::root($document);
        if ($root->text('format') !== self::FORMAT) {
            throw $root->at('format')->wrong('format', ['format' => self::FORMAT]);
        }

        return new Weighing(
            new Priors(
                $root->float('soundPrior'), $root->float('pairPrior'), $root->float('namedPairPrior'), $root->float('pairsAtPlacesPrior'), $root->int('kindsPerPlace'),
                self::chance($root, 'comesAndGoesShare'),
                self::provocations($root),
                array_values(array_map(static fn (Node $pair): array => [$pair->text(0), $pair->text(1)], $root->entries('commonPairs'))),
            ),
            new Scatter(
                self::floats($root, 'readiness'),
                self::chance($root, 'oddChance'), self::chance($root, 'oddCodeChance'), self::chance($root, 'stepOddChance'), self::chance($root, 'wideShare'),
                $root->float('betweenSpread'), $root->float('oddSpan'),
                self::floats($root, 'smallest'),
            ),
            new Pursuit($root->float('forgottenBelow'), $root->float('ruledOutBelow'), $root->int('waysPerHypothesis')),
            $root->float('closeFactor'),
            array_values(array_map(static fn (Node $one): array => [$one->text('vehicle'), $one->text('kind'), $one->float('from'), $one->float('to')], $root->entries('unseen'))),
        );
    }

    private static function chance(Node $root, string $name): float
    {
        $chance = $root->float($name);

        return $chance > 0.0 && $chance < 1.0 ? $chance : throw $root->at($name)->wrong('chance');
    }

    /** @return array<string, float> */
    private static function floats(Node $root, string $name): array
    {
        $floats = [];
        foreach (array_keys($root->entries($name)) as $key) {
            $floats[(string) $key] = $root->at($name)->float($key);
        }

        return $floats;
    }

    /** @return array<string, list<Provocation>> */
    private static function provocations(Node $root): array
    {
        $list = $root->at('comesAndGoes');
        $provocations = [];
        foreach (array_keys($root->entries('comesAndGoes')) as $kind) {
            $provocations[(string) $kind] = array_map(
                static fn (string $name): Provocation => Provocation::tryFrom($name) ?? throw $list->at($kind)->wrong('provocations'),
                $list->texts($kind),
            );
        }

        return $provocations;
    }
}
