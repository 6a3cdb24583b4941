<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Route;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Rotation;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CheckMode;

/**
 * The drive of the speed-sensor check mode: the module judges the level of each signal at one speed and its evenness at
 * another. Any other drive spoils the check.
 */
final readonly class CheckDrive
{
    public function __construct(private CheckMode $check)
    {
    }

    /** @return non-empty-list<Branch> */
    public function drive(Car $car, Journey $route): array
    {
        $car = DrivingWork::letGo($car);
        $rolled = DrivingWork::rolled($car, $route->drive());
        if ($route !== Route::CheckRun) {
            return Branch::only($rolled, Prediction::of('driven', ['level-lamp' => CategoryFeature::certain('spoiled'), 'steady-lamp' => CategoryFeature::certain('spoiled')]));
        }
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
            $branches[] = $this->judged($weight, $rolled->in($state), array_values(array_intersect_key($at, array_filter($outcomes))));
        }

        return $branches;
    }

    /** @param  list<string>  $acting  channels with something that acts on this drive */
    private function judged(float $weight, Car $car, array $acting): Branch
    {
        $level = [];
        $steady = [];
        foreach ($car->vehicle->channelIds() as $id) {
            $channel = (in_array($id, $acting, true) ? $car->actingChannel($id) : null) ?? $car->channel($id);
            $input = (new SpeedReception($car))->whileDriving($channel, $car->deviations->standard($car->deviation("module.$id.signal-limit")));
            if (! $input->counts(Rotation::turnsPerSecond($car->vehicle->tyre, $this->check->levelMetresPerSecond))) {
                $level[] = $this->check->levelCodes[$id] ?? '';
            }
            if (! $this->isEven($channel, $input, Rotation::turnsPerSecond($car->vehicle->tyre, $this->check->steadyMetresPerSecond))) {
                $steady[] = $this->check->steadyCodes[$id] ?? '';
            }
        }
        $found = array_values(array_filter([...$level, ...$steady], static fn (string $one): bool => $one !== ''));

        return new Branch($weight, $car->in($car->state->withSession($car->state->session->found($found))), Prediction::of('driven', [
            'level-lamp' => CategoryFeature::certain($level === [] ? 'resumes' : 'stays-on'),
            'steady-lamp' => CategoryFeature::certain($steady === [] ? 'resumes' : 'stays-on'),
        ]));
    }

    private function isEven(Channel $channel, SpeedInput $input, float $turnsPerSecond): bool
    {
        $teeth = Teeth::of($channel);

        return $input->counts($turnsPerSecond) && ! $input->hasGapsAt($turnsPerSecond)
            && $teeth->weakest() >= $this->check->leastEvenness * $teeth->strongest();
    }
}
