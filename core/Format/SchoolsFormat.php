<?php

declare(strict_types=1);

namespace Lernfall\Format;

use BackedEnum;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Marking\School\Comparing;
use Lernfall\Marking\School\CorrodedPlug;
use Lernfall\Marking\School\FirstTest;
use Lernfall\Marking\School\LampOut;
use Lernfall\Marking\School\OhmsOnActive;
use Lernfall\Marking\School\Schools;
use Lernfall\Marking\School\TwoRepairs;

/** The schools a policy follows, as JSON; one that is left out is the usual one. */
final readonly class SchoolsFormat
{
    /** @throws InvalidDocument */
    public static function read(Node $node): Schools
    {
        return new Schools(
            self::one($node, 'firstTest', FirstTest::Free),
            self::one($node, 'comparing', Comparing::Free),
            self::one($node, 'ohmsOnActive', OhmsOnActive::Weak),
            self::one($node, 'twoRepairs', TwoRepairs::CauseOpen),
            self::one($node, 'lampOut', LampOut::ReadAgain),
            self::one($node, 'corrodedPlug', CorrodedPlug::Clean),
        );
    }

    /** @return array<string, string> */
    public static function write(Schools $schools): array
    {
        return [
            'firstTest' => $schools->firstTest->value,
            'comparing' => $schools->comparing->value,
            'ohmsOnActive' => $schools->ohmsOnActive->value,
            'twoRepairs' => $schools->twoRepairs->value,
            'lampOut' => $schools->lampOut->value,
            'corrodedPlug' => $schools->corrodedPlug->value,
        ];
    }

    /**
     * @template T of BackedEnum
     *
     * @param  T  $otherwise
     * @return T
     */
    private static function one(Node $node, string $name, BackedEnum $otherwise): BackedEnum
    {
        return $node->has($name)
            ? $otherwise::tryFrom($node->text($name)) ?? throw $node->at($name)->noneOf(array_column($otherwise::cases(), 'value'))
            : $otherwise;
    }
}
