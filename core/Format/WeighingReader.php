<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Evidence\Belief\ComingAndGoing;
use Lernfall\Evidence\Belief\Oddity;
use Lernfall\Evidence\Belief\Priors;
use Lernfall\Evidence\Belief\Pursuit;
use Lernfall\Evidence\Belief\Scatter;
use Lernfall\Evidence\Belief\Separating;
use Lernfall\Evidence\Belief\Weighing;
use Lernfall\Vehicle\Provocation;

/** Reads how observations are weighed from decoded JSON. */
final readonly class WeighingReader
{
    public const FORMAT = 'lernfall-weighing/5';

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
                self::comingAndGoing($root->at('comesAndGoes')),
                array_values(array_map(static fn (Node $pair): array => [$pair->text(0), $pair->text(1)], $root->entries('commonPairs'))),
            ),
            new Scatter(
                self::floats($root, 'readiness'),
                new Oddity(self::errs($root), self::chance($root, 'oddShare'), self::chance($root, 'oddStepShare')), self::chance($root, 'wideShare'),
                $root->float('betweenSpread'), $root->float('beyondSteps'), $root->float('steadySpread'), $root->float('steadyShare'), $root->float('oddSpan'),
                self::floats($root, 'smallest'),
            ),
            new Pursuit($root->float('forgottenBelow'), $root->float('ruledOutBelow'), $root->int('waysPerHypothesis')),
            new Separating(self::chance($root, 'rivalsUpTo'), $root->float('separatingFactor')),
            array_values(array_map(static fn (Node $one): array => [$one->text('vehicle'), $one->text('kind'), $one->float('from'), $one->float('to')], $root->entries('unseen'))),
        );
    }

    private static function chance(Node $root, string $name): float
    {
        $chance = $root->float($name);

        return $chance > 0.0 && $chance < 1.0 ? $chance : throw $root->at($name)->wrong('chance');
    }

    /** @return array<string, float> the chance to err, by kind of observation */
    private static function errs(Node $root): array
    {
        $errs = [];
        foreach (array_keys($root->entries('errs')) as $kind) {
            $errs[(string) $kind] = self::chance($root->at('errs'), (string) $kind);
        }

        return isset($errs[Oddity::OTHERWISE]) ? $errs : throw $root->at('errs')->wrong('chance');
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

    private static function comingAndGoing(Node $given): ComingAndGoing
    {
        $list = $given->at('provocations');
        $provocations = [];
        foreach (array_keys($given->entries('provocations')) as $kind) {
            $provocations[(string) $kind] = array_map(
                static fn (string $name): Provocation => Provocation::tryFrom($name) ?? throw $list->at($kind)->wrong('provocations'),
                $list->texts($kind),
            );
        }
        $strengths = [];
        foreach ($given->entries('strengths') as $kind => $one) {
            $ones = array_map(static fn (int|string $index): float => $one->float($index), array_keys($one->items()));
            $strengths[(string) $kind] = $ones !== [] ? $ones : throw $one->wrong('list-or-object');
        }

        return new ComingAndGoing(self::chance($given, 'share'), self::chance($given, 'strangeShare'), $provocations, $strengths);
    }
}
