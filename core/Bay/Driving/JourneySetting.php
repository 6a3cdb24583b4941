<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Route;

/** The drive of an action: one of the routes, or a free drive with its stretches. */
final readonly class JourneySetting
{
    private const MOST_STRETCHES = 8;

    private const KILOMETRES_PER_HOUR = [2.0, 90.0];

    private const SECONDS = [1.0, 900.0];

    public static function described(ActionSchema $schema, bool $required): ActionSchema
    {
        $route = Setting::words([...array_map(static fn (Route $route): string => $route->value, Route::cases()), FreeDrive::KEY], 'Left out, the usual drive with bends and a rough piece');
        $stretch = Setting::group(['kilometresPerHour' => Setting::number(), 'ground' => Setting::choice(Ground::class), 'seconds' => Setting::number()]);

        return ($required ? $schema->with('route', $route) : $schema->orWith('route', $route))
            ->orWith('stretches', Setting::list($stretch, ['minItems' => 1, 'maxItems' => self::MOST_STRETCHES], 'of a free drive'))
            ->under(['if' => ['properties' => ['route' => ['const' => FreeDrive::KEY]], 'required' => ['route']], 'then' => ['required' => ['stretches']]]);
    }

    /** @throws InvalidDocument */
    public static function decode(Node $node): Journey
    {
        if ($node->text('route') !== FreeDrive::KEY) {
            return $node->choice('route', Route::class);
        }
        $stretches = [];
        foreach ($node->entries('stretches') as $one) {
            $stretches[] = [$one->float('kilometresPerHour') / 3.6, $one->choice('ground', Ground::class), $one->float('seconds')];
        }

        return $stretches === [] ? throw $node->at('stretches')->wrong('a-stretch') : new FreeDrive($stretches);
    }

    /** @throws UnfitAction */
    public static function check(Journey $route): void
    {
        if (! $route instanceof FreeDrive) {
            return;
        }
        SettingRange::between('stretches', count($route->stretches), [1.0, self::MOST_STRETCHES]);
        foreach ($route->stretches as $index => [$metresPerSecond, , $seconds]) {
            SettingRange::between("stretches.$index.kilometresPerHour", $metresPerSecond * 3.6, self::KILOMETRES_PER_HOUR);
            SettingRange::between("stretches.$index.seconds", $seconds, self::SECONDS);
        }
    }
}
