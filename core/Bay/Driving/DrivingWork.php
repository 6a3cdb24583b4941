<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CircuitCheck;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\RingContact;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Car\Supervision;
use Lernfall\Bay\Car\UnitSeen;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Drive\Drive;
use Lernfall\Drive\DrivingMonitors;
use Lernfall\Drive\Ground;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Moment;
use Lernfall\Drive\Provoking;
use Lernfall\Module\Failure;
use Lernfall\Module\FreezeFrame;
use Lernfall\Module\PartsCheck;
use Lernfall\Module\SpeedInput;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\LampOut;
use Lernfall\Vehicle\PartState;

/** Driving: what the module's monitors find on the way. */
final readonly class DrivingWork
{
    /** @param  ?bool  $acts  whether what comes and goes acts on this drive; null leaves it to the drive and to chance */
    public function __construct(private ?bool $acts = null)
    {
    }

    /** @return non-empty-list<Branch> */
    public function roadTest(Car $car, Journey $route): array
    {
        $refusal = self::refusal($car);
        $check = $car->vehicle->module->lampCodes?->check;

        return match (true) {
            $refusal !== null => Branch::refused($car, $refusal),
            $check !== null && $car->state->session->checkMode && $car->modulePowered() => (new CheckDrive($check))->drive($car, $route),
            default => $this->driven($car, $route, static fn (): Prediction => Prediction::of('driven')),
        };
    }

    /** Why this car cannot be driven now; null where it can. */
    public static function refusal(Car $car): ?Refusal
    {
        return match (true) {
            $car->state->lift->raised => Refusal::Raised,
            $car->state->lift->chocked => Refusal::ChocksIn,
            ! $car->state->key->isRunning() => Refusal::EngineOff,
            $car->state->connections->isConnected() => Refusal::LeadsConnected,
            default => null,
        };
    }

    /** Whoever drives wiggles and warms nothing meanwhile, and holds no meter. */
    public static function letGo(Car $car): Car
    {
        $state = $car->state->provokedBy(null);

        return $car->in($state->withConnections($state->connections->withMeter($state->connections->meter->takenOff())));
    }

    /** The car as it comes to a stop: its wheels somewhere else, its hubs warmed on the way, and less fluid where a line loses some whenever it is braked. */
    public static function rolled(Car $car, Drive $drive): Car
    {
        $leaks = $car->vehicle->brakeParts->unit?->hydraulics->leaks() === true && $car->vehicle->brakeParts->isSound(BrakeParts::FLUID);
        $braked = $leaks ? $car->withVehicle($car->vehicle->withBrakePart(BrakeParts::FLUID, PartState::Low)) : $car;

        return $braked->in($car->state->withHubsAt(self::hubs($car)->after($drive))->rolled());
    }

    private static function hubs(Car $car): HubWarming
    {
        return HubWarming::from($car->vehicle->climate, $car->state->lasting->warmth->hubRiseKelvin);
    }

    /**
     * @param  Closure(list<MonitorFinding>): Prediction  $prediction  told what was found
     * @return non-empty-list<Branch>
     */
    public function driven(Car $car, Journey $route, Closure $prediction): array
    {
        $drive = $route->drive();
        $car = RingContact::done(self::letGo($car));
        $warm = self::rolled($car, $drive);
        if (! $car->modulePowered()) {
            return Branch::only($warm, $prediction([]));
        }
        $monitors = new DrivingMonitors($car->vehicle->module->monitors, $car->vehicle->tyre->rollingCircumferenceMetres());
        $watched = [];
        $inputs = $this->inputs($car);
        $comparison = SpeedComparison::of($car, $inputs, $drive->greatestSpeed());
        $state = $car->electrical();
        foreach ($inputs as $id => $input) {
            $ratio = $comparison->ratio($id);
            $watch = fn (): array => $this->watched($car, $id, $input, $ratio, $drive, $monitors);
            $plainly = $car->isTypical() ? $state->plainlyAt($car->vehicle->channel($id)) : null;
            $steadily = $plainly === null ? $watch() : Memo::with($car->channel($id), "driven $plainly $ratio ".$drive->text(), $watch);
            $watched = [...$watched, ...$steadily, ...$this->dropOut($car, $id, $drive, $monitors, $route)];
        }

        return $this->remembered($warm, $watched, $drive, $monitors, $prediction);
    }

    /** @return array<string, Watched> by event */
    private function watched(Car $car, string $id, SpeedInput $input, float $ratio, Drive $drive, DrivingMonitors $monitors): array
    {
        $found = [];
        foreach (Failure::driving() as $failure) {
            [$moment, $chance] = $failure === Failure::Deviation
                ? $this->straying($car, $id, $ratio, $drive, $monitors)
                : $this->finding($car, $id, $failure, $input, $drive, $monitors);
            $found[$this->event($id, $failure, $input, $drive)] = new Watched($id, $failure, $moment, $chance);
        }

        return $found;
    }

    /** @return array<string, SpeedInput> by channel; one found broken is not watched any further */
    private function inputs(Car $car): array
    {
        $inputs = [];
        $state = $car->electrical();
        foreach ($car->vehicle->channelIds() as $id) {
            if (! $car->state->memory->hasPresentElectrical($id)) {
                $plainly = $car->isTypical() ? $state->plainlyAt($car->vehicle->channel($id)) : null;
                $hear = static fn (): SpeedInput => (new SpeedReception($car))->whileDriving($car->channel($id), 0.0);
                $inputs[$id] = $plainly === null ? $hear() : Memo::with($car->channel($id), "heard $plainly", $hear);
            }
        }

        return $inputs;
    }

    /**
     * @param  array<string, Watched>  $watched  by event
     * @param  Closure(list<MonitorFinding>): Prediction  $prediction
     * @return non-empty-list<Branch>
     */
    private function remembered(Car $car, array $watched, Drive $drive, DrivingMonitors $monitors, Closure $prediction): array
    {
        $module = $car->vehicle->module;
        $branches = [];
        $chances = array_map(static fn (Watched $one): float => $one->chance, $watched);
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $memory = $state->memory;
            $news = [];
            $broken = [];
            $frames = [];
            asort($outcomes); // what was passed at times and found at others has been found
            foreach ($outcomes as $event => $found) {
                $one = $watched[$event];
                $told = $one->failure->toldBy($module->dialect);
                if ($told === null || ! $found && $one->acts) {
                    continue; // it is not noticed, or it did not act this time, which tests nothing
                }
                if ($found) {
                    $news[] = new MonitorFinding($one->channel, $told, $one->moment, $one->acts);
                }
                if ($found && $one->failure->isElectrical()) {
                    $broken[$one->channel] = [$one->failure];
                    $frames[$one->channel] = $this->frame($car, $one->moment);

                    continue;
                }
                $memory = match (true) {
                    $found => $memory->set($one->channel, $told, $this->frame($car, $one->moment), $module->monitors->drivingConfirmedBy),
                    $monitors->tests($one->failure, $drive) => $memory->passed($one->channel, $told, $module->lamps->out !== LampOut::Cleared),
                    default => $memory,
                };
            }
            foreach ((new PartsCheck($car->vehicle->brakeParts, $module->dialect))->onTheRoad(UnitSeen::onPullingAway($car)) as $part => [$failure, $found]) {
                $moment = $part === BrakeParts::STOP_LAMP_SWITCH ? $drive->gathersSpeedUnbraked() : $drive->pulledAway();
                if ($moment === null) {
                    continue; // nothing on this drive tells
                }
                $memory = $found ? $memory->set($part, $failure, $this->frame($car, $moment)) : $memory->passed($part, $failure, $module->lamps->out !== LampOut::Cleared);
            }
            $memory = $module->lamps->out === LampOut::Cleared ? $memory : $memory->withSettledLamps();
            $driven = $car->in($state->remembering($memory));
            foreach ($broken as $id => $failures) {
                $driven = Supervision::noted($driven, [$id => $failures], $frames[$id]);
            }
            $branches[] = new Branch($weight, $driven, $prediction($news));
        }

        return $branches;
    }

    private function frame(Car $car, ?Moment $moment): FreezeFrame
    {
        $steering = match ($moment?->ground) {
            Ground::LeftBend => 'left',
            Ground::RightBend => 'right',
            default => 'straight',
        };

        return new FreezeFrame($moment === null ? 0.0 : $moment->metresPerSecond, $steering, $car->electrical()->systemVolts);
    }

    /**
     * A fault that shows only when provoked acts on the road more or less readily. A module that watches its circuits finds
     * them broken where that lasts; otherwise the signal drops out, which no wheel could do.
     *
     * @return array<string, Watched> by event
     */
    private function dropOut(Car $car, string $id, Drive $drive, DrivingMonitors $monitors, Journey $route): array
    {
        $acting = $car->actingChannel($id);
        $provocation = $car->vehicle->channel($id)->acting?->provocation;
        $acts = Intermittence::at($car, $id, $route, $this->acts);
        if ($acting === null || $provocation === null || $acts === null) {
            return [];
        }
        $moment = $route->shows($provocation, self::hubs($car));
        $broken = Provoking::lasts($provocation) ? $this->broken($car, $acting) : null;
        if ($broken !== null) {
            return [$acts->event => new Watched($id, $broken, $moment?->later($car->vehicle->module->monitors->standstill->watchesSeconds), $acts->chance, acts: true)];
        }
        if (! $monitors->tests(Failure::Erratic, $drive)) {
            return [];
        }
        $input = (new SpeedReception($car))->whileDriving($acting, 0.0);
        if (is_finite($input->evenFromTurnsPerSecond()) && $input->counts(1.0)) {
            return []; // it acts, and the signal is still counted
        }
        if ($moment !== null && $moment->metresPerSecond < $monitors->implausibleFrom(INF, $monitors->pitchMetres($input))) {
            return []; // so slow that a wheel could have stopped
        }

        return [$acts->event => new Watched($id, Failure::Erratic, $moment, $acts->chance, acts: true)];
    }

    /** What the module finds wrong with a circuit while something acts on it for long enough; null where it notices nothing. */
    private function broken(Car $car, Channel $acting): ?Failure
    {
        if (! $car->vehicle->module->monitors->standstill->watches()) {
            return null;
        }
        foreach (CircuitCheck::of($car, $acting, $car->electrical()) as [$failure, $chance]) {
            if ($chance > 0.5) {
                return $failure;
            }
        }

        return null;
    }

    /** @return array{?Moment, float} */
    private function finding(Car $car, string $id, Failure $failure, SpeedInput $input, Drive $drive, DrivingMonitors $monitors): array
    {
        $spread = $car->vehicle->module->monitors->thresholdSpread;
        $found = static fn (float $deviation): ?Moment => $monitors->found($failure, $input->withThresholdFactor(1.0 + $spread * $deviation), $drive, $deviation);

        return [
            $found(0.0) ?? $found(1.0) ?? $found(-1.0),
            $car->deviations->chanceThat($car->deviation("module.$id.signal-limit"), static fn (float $deviation): bool => $found($deviation) !== null),
        ];
    }

    /** @return array{?Moment, float} */
    private function straying(Car $car, string $id, float $ratio, Drive $drive, DrivingMonitors $monitors): array
    {
        $found = static fn (float $deviation): ?Moment => $monitors->strays($ratio, $drive, $deviation);

        return [
            $found(0.0) ?? $found(-1.0),
            $car->deviations->chanceThat($car->deviation("module.$id.signal-limit"), static fn (float $deviation): bool => $found($deviation) !== null),
        ];
    }

    private function event(string $id, Failure $failure, SpeedInput $input, Drive $drive): string
    {
        return sprintf('%s/%s/%.3f/%.3f/%.1f/%.0f', $id, $failure->value, $input->leastTurnsPerSecond(), $input->evenFromTurnsPerSecond(), $drive->greatestSpeed(), $drive->seconds());
    }
}
