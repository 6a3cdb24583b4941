<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use ArrayObject;
use Closure;
use WeakMap;

/**
 * What has been worked out before about a part that many cars share. Cars that could be standing there have most of their
 * channels in common, so that an untouched corner is worked out once for all of them. A part is forgotten as soon as
 * nothing else knows it.
 */
final readonly class Memo
{
    /** No more than this is remembered of one part, */
    private const MOST = 4000;

    /** and of all parts together: some three kilobytes each. */
    private const MOST_IN_ALL = 80000;

    /** Many go with their parts before so many have been added: if no more than these are left, they stay. */
    private const MOST_LEFT = 64000;

    /**
     * @template T
     *
     * @param  object  $part  an immutable part of a vehicle
     * @param  string  $question  names all the outcome depends on besides the part itself
     * @param  Closure(): T  $work
     * @return T
     */
    public static function with(object $part, string $question, Closure $work): mixed
    {
        $of = self::about($part);
        if (isset($of[$question])) {
            return $of[$question];
        }
        if (count($of) >= self::MOST) {
            $of->exchangeArray([]);
        }
        $found = $work();
        self::about($part, 1)[$question] = $found;

        return $found;
    }

    /**
     * @param  int  $more  how much is about to be added
     * @return ArrayObject<string, mixed> by question
     */
    private static function about(object $part, int $more = 0): ArrayObject
    {
        /** @var ?WeakMap<object, ArrayObject<string, mixed>> $known */
        static $known = null;
        /** @var int $kept */
        static $kept = 0;
        $kept += $more;
        if ($known !== null && $kept > self::MOST_IN_ALL) {
            $kept = $more + self::counted($known);
            $known = $kept > self::MOST_LEFT ? null : $known;
        }
        if ($known === null) {
            $known = new WeakMap;
            $kept = $more;
        }
        $of = $known[$part] ?? null;
        if (! $of instanceof ArrayObject) {
            $of = new ArrayObject;
            $known[$part] = $of;
        }

        return $of;
    }

    /** @param  WeakMap<object, ArrayObject<string, mixed>>  $known */
    private static function counted(WeakMap $known): int
    {
        $all = 0;
        foreach ($known as $of) {
            $all += count($of);
        }

        return $all;
    }
}
