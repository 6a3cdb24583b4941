<?php

declare(strict_types=1);

namespace Tests\Recorded;

use Lernfall\Chance\Draw;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/** One action in its JSON form, drawn; of every kind that is done to a car but repairs and what closes a job. */
final readonly class DrawnAction
{
    public const REPAIRS = [
        'clean-plug', 'tape-loom', 'repair-loom', 'fit-tyre', 'set-gap', 'replace-sensor', 'replace-hub', 'replace-module', 'replace-fuse', 'replace-relay', 'clean-ground',
        'charge-battery', 'replace-hydraulic-unit', 'replace-pump-relay', 'replace-valve-relay', 'fill-fluid', 'replace-stop-lamp-switch', 'mend-lamp',
    ];

    private const LOOKS = ['ring', 'gap', 'tip', 'cable', 'sensor-plug', 'module-plug', 'body-plug', 'tyre'];

    private const PROVOCATIONS = ['steering-left', 'steering-right', 'wiggle-cable', 'wiggle-sensor-plug', 'wiggle-loom', 'wiggle-module-plug', 'heat', 'wet', 'vibration', 'bumps', 'nothing'];

    private const ROUTES = ['straight', 'left-bends', 'right-bends', 'bumps', 'warm-up', 'check-run'];

    public function __construct(private Vehicle $vehicle, private Draw $draw, private int $try)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $channel = $this->one('channel', $this->vehicle->channelIds());
        $blinks = $this->vehicle->module->lampCodes !== null;

        return match ((int) floor($this->at('kind') * 26.0)) {
            0 => ['do' => 'ignition', 'to' => $this->one('key', ['off', 'on', 'running'])],
            1 => ['do' => 'unplug', 'plug' => $this->one('plug', $this->vehicle->plugIds())],
            2 => ['do' => 'join', 'plug' => $this->one('plug', $this->vehicle->plugIds())],
            3, 4 => ['do' => 'secure', 'step' => $this->one('secure', ['chock', 'raise', 'stand', 'stand', 'lower', 'unchock'])],
            5 => ['do' => 'turn-wheel', 'channel' => $channel, 'turnsPerSecond' => $this->one('turns', [-1.0, 0.0, 0.5, 3.0])],
            6, 7 => $this->at('whole look') < 0.3 ? ['do' => 'look', 'channel' => 'car', 'at' => $this->one('place', ['fuse', 'ground', 'fluid'])] : ['do' => 'look', 'channel' => $channel, 'at' => $this->one('look', self::LOOKS)],
            8 => ['do' => 'capture', 'inputs' => [$this->input('first'), ...($this->at('two') < 0.3 ? [$this->input('second')] : [])], 'secondsPerDivision' => $this->one('time', [0.001, 0.02, 0.2]), 'trigger' => ['input' => 0, 'volts' => 0.1, 'edge' => 'rising']],
            9 => ['do' => 'inject', 'channel' => $channel, 'shape' => $this->one('shape', ['sine', 'current', 'voltage']), 'hertz' => $this->one('hertz', [0.0, 20.0, 900.0]), 'amplitude' => 0.02, 'at' => $this->one('at', ['pair', 'first', 'second'])],
            10 => ['do' => 'feed-sensor', 'channel' => $channel, 'volts' => $this->one('volts', [0.0, 5.0, 12.0]), 'milliamperes' => $this->one('limit', [5.0, 20.0, 400.0]), 'reversed' => $this->at('reversed') < 0.3],
            11 => ['do' => 'connect-leads', 'leads' => $this->at('none') < 0.4 ? [] : [['first' => $this->pad('lead a'), 'second' => $this->pad('lead b')]]],
            12 => ['do' => 'fit-breakout', 'fitted' => $this->at('fitted') < 0.6],
            13 => ['do' => 'provoke', 'how' => $this->one('how', self::PROVOCATIONS), 'channel' => $channel],
            14 => $this->one('whole', [['do' => 'read-codes'], ['do' => 'clear-codes'], ['do' => 'look-at-lamps'], ['do' => 'prove-meter'], ['do' => 'look-up-data-sheet'], ['do' => 'end-session'], ['do' => 'read-switches']]),
            15 => ['do' => 'live-speeds', 'kilometresPerHour' => $this->one('speed', [0.0, 0.0, 40.0])],
            16 => $this->one('wheel', [['do' => 'rock-wheel', 'channel' => $channel], ['do' => 'gauge-gap', 'channel' => $channel], ['do' => 'swap-sensors', 'channel' => $channel]]),
            17 => $this->one('part', [['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => $channel, 'fitted' => $this->at('in') < 0.6], ['do' => 'fit-trial-part', 'part' => 'supply-relay', 'channel' => 'car', 'fitted' => $this->at('in') < 0.6]]),
            18 => ['do' => 'test-actuator', 'part' => $this->one('actuator', ['pump', "valves.$channel"])],
            19 => $this->at('recorded') < 0.4 ? ['do' => 'record-drive', 'route' => $this->one('route', self::ROUTES), 'onCode' => $this->at('on code') < 0.4] : ['do' => 'road-test', ...($this->at('usual') < 0.5 ? [] : ['route' => $this->one('route', self::ROUTES)])],
            20 => $blinks ? $this->blinking() : ['do' => 'read-codes', 'tool' => $this->one('tool', ['terminal', 'older', 'reader'])],
            default => ['do' => 'measure', 'function' => $this->one('function', ['ohms', 'ohms', 'continuity', 'volts-dc', 'volts-dc', 'volts-ac', 'milliamperes', 'hertz']), 'first' => $this->pad('first'), 'second' => $this->pad('second'), 'records' => $this->at('records') < 0.2],
        };
    }

    /** @return array<string, mixed> */
    private function blinking(): array
    {
        return $this->one('blinking', [
            ['do' => 'watch-lamp'], ['do' => 'check-connector', 'open' => $this->at('open') < 0.7], ['do' => 'press-pedal', 'times' => $this->one('presses', [4, 5, 8, 12]), 'seconds' => 2.0],
            ['do' => 'parking-brake'], ['do' => 'cycle-power', 'onSeconds' => $this->one('on', [1.0, 1.5, 9.0]), 'offSeconds' => 1.5],
        ]);
    }

    /** @return array<string, mixed> */
    private function input(string $which): array
    {
        return ['first' => $this->pad("$which one"), 'second' => $this->pad("$which other"), 'voltsPerDivision' => $this->one('division', [0.05, 0.5, 2.0]), 'coupling' => $this->one('coupling', ['dc', 'ac'])];
    }

    /** Half the time a pad of the first channel, so that both leads often lie on one. */
    private function pad(string $which): string
    {
        $pads = Pads::of($this->vehicle);
        $near = array_values(array_filter($pads, fn ($pad): bool => $pad->channel === $this->vehicle->channelIds()[0]));

        return $this->one($which, $this->at("near $which") < 0.5 ? $near : $pads)->id;
    }

    private function at(string $what): float
    {
        return $this->draw->uniform("$what $this->try");
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function one(string $what, array $of): mixed
    {
        return $of[(int) floor($this->at($what) * count($of))];
    }
}
