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
    /** No more than this is remembered of one part. */
    private const MOST = 1500;

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
        if (count($of) >= self::MOST) {
            $of->exchangeArray([]);
        }
        if (! isset($of[$question])) {
            $of[$question] = $work();
        }

        return $of[$question];
    }

    /** @return ArrayObject<string, mixed> by question */
    private static function about(object $part): ArrayObject
    {
        /** @var ?WeakMap<object, ArrayObject<string, mixed>> $known */
        static $known = null;
        $known ??= new WeakMap;
        $of = $known[$part] ?? null;
        if (! $of instanceof ArrayObject) {
            $of = new ArrayObject;
            $known[$part] = $of;
        }

        return $of;
    }
}
