<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\RingContact;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Drive\Ground;
use Lernfall\Drive\Journey;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Rotation;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CheckMode;

/**
 * A drive in the speed-sensor check mode: the module judges the level of each signal at one speed and its evenness at
 * another, straight ahead. Where a speed is not held evenly for as long as that takes, its check is spoiled.
 */
final readonly class CheckDrive
{
    /** The lamp goes out for this long, and comes back if all is well. Common practice, no source. */
    private const JUDGED_SECONDS = 1.0;

    public function __construct(private CheckMode $check)
    {
    }

    /** @return non-empty-list<Branch> */
    public function drive(Car $car, Journey $route): array
    {
        $car = RingContact::done(DrivingWork::letGo($car));
        $rolled = DrivingWork::rolled($car, $route->drive());
        $drive = $route->drive();
        $level = $drive->heldSpeed($this->check->level->holds(...), self::JUDGED_SECONDS);
        $steady = $drive->heldSpeed($this->check->steady->holds(...), self::JUDGED_SECONDS, Ground::Straight);
        $chances = [];
        $at = [];
        foreach ($car->vehicle->channelIds() as $id) {
            $acts = Intermittence::at($car, $id, $route);
            if ($acts !== null) {
                $chances[$acts->event] = $acts->chance;
                $at[$acts->event] = $id;
            }
        }
        $branches = [];
        foreach (OutcomeBranching::of($rolled, $chances) as [$weight, $state, $outcomes]) {
            $branches[] = $this->judged($weight, $rolled->in($state), array_values(array_intersect_key($at, array_filter($outcomes))), $level, $steady);
        }

        return $branches;
    }

    /**
     * @param  list<string>  $acting  channels with something that acts on this drive
     * @param  ?float  $level  the speed at which levels are judged, in metres a second; null where that was spoiled
     * @param  ?float  $steady  the same for evenness
     */
    private function judged(float $weight, Car $car, array $acting, ?float $level, ?float $steady): Branch
    {
        $weak = [];
        $uneven = [];
        foreach ($car->vehicle->channelIds() as $id) {
            $channel = (in_array($id, $acting, true) ? $car->actingChannel($id) : null) ?? $car->channel($id);
            $input = (new SpeedReception($car))->whileDriving($channel, $car->deviations->standard($car->deviation("module.$id.signal-limit")));
            if ($level !== null && ! $input->counts(Rotation::turnsPerSecond($car->vehicle->tyre, $level))) {
                $weak[] = $this->check->levelCodes[$car->vehicle->inputOf($id)] ?? '';
            }
            if ($steady !== null && ! $this->isEven($channel, $input, Rotation::turnsPerSecond($car->vehicle->tyre, $steady))) {
                $uneven[] = $this->check->steadyCodes[$car->vehicle->inputOf($id)] ?? '';
            }
        }
        $found = array_values(array_filter([...$weak, ...$uneven], static fn (string $one): bool => $one !== ''));

        $judged = $level === null && $steady === null ? $car : $car->in($car->state->withSession($car->state->session->found($found)));

        return new Branch($weight, $judged, Prediction::of('driven', [
            'level-lamp' => CategoryFeature::certain(self::lamp($level, $weak)),
            'steady-lamp' => CategoryFeature::certain(self::lamp($steady, $uneven)),
        ]));
    }

    /** @param  list<string>  $found */
    private static function lamp(?float $speed, array $found): string
    {
        return match (true) {
            $speed === null => 'spoiled',
            $found === [] => 'resumes',
            default => 'stays-on',
        };
    }

    private function isEven(Channel $channel, SpeedInput $input, float $turnsPerSecond): bool
    {
        $teeth = Teeth::of($channel);

        return $input->counts($turnsPerSecond) && ! $input->hasGapsAt($turnsPerSecond)
            && $teeth->weakest() >= $this->check->leastEvenness * $teeth->strongest();
    }
}
