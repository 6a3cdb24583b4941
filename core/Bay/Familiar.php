<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use ArrayObject;
use Closure;
use Lernfall\Vehicle\Channel;
use WeakMap;

/**
 * What has been worked out for a channel before. Cars that could be standing there share most of their channels, so that
 * an untouched corner is worked out once for all of them. It forgets a channel as soon as nothing else knows it.
 */
final readonly class Familiar
{
    /**
     * @template T
     *
     * @param  string  $question  names all the outcome depends on besides the channel itself
     * @param  Closure(): T  $work
     * @return T
     */
    public static function with(Channel $channel, string $question, Closure $work): mixed
    {
        /** @var ?WeakMap<Channel, ArrayObject<string, mixed>> $known */
        static $known = null;
        $known ??= new WeakMap;
        $of = $known[$channel] ??= new ArrayObject;
        if (! isset($of[$question])) {
            $of[$question] = $work();
        }

        return $of[$question];
    }
}
