<?php

declare(strict_types=1);

namespace Tests\Recorded;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Chance\Draw;
use Lernfall\Format\ActionReader;
use Lernfall\Vehicle\Vehicle;
use Tests\Support\Workbench;

/** A job of 25 actions drawn from a number: always the same car, fault and actions, whatever they show. From one number on they are driven on closed ground. */
final class DrawnJob
{
    public const CARS = ['brack-22', 'harl-13', 'lendo-15', 'mirl-10', 'ostrel-t2'];

    public const DRIVEN_FROM = 201;

    private const DRIVEN = ['brack-22', 'harl-13', 'lendo-15', 'mirl-10'];

    private const POLICIES = ['workshop', 'examination', 'first-year'];

    private const STEPS = 25;

    /** Actions that are closing ones: two repairs, with the writing before them, and the end. */
    private const CLOSING = 8;

    private const MOST_TRIES = 400;

    private Draw $draw;

    private Vehicle $vehicle;

    public readonly FaultCase $case;

    public function __construct(public readonly int $number)
    {
        $this->draw = new Draw("recorded $number");
        $cars = $this->isDriven() ? self::DRIVEN : self::CARS;
        $this->vehicle = Workbench::vehicle($cars[$number % count($cars)]);
        $faults = Workbench::catalogue()->everyFault($this->vehicle);
        $fault = $this->one('fault', $faults);
        $this->case = Workbench::case($number % 19 === 0 ? [] : [[$fault->kind->id, $fault->channel, $fault->conductor, $fault->strength, $fault->provokedBy]], $this->vehicle);
    }

    public function policy(): string
    {
        return self::POLICIES[intdiv($this->number, count(self::CARS)) % count(self::POLICIES)];
    }

    public function played(): Job
    {
        $job = Job::begin($this->case, "car $this->number");
        for ($try = 0; $try < self::MOST_TRIES && count($job->steps) < self::STEPS; $try++) {
            try {
                $job = $job->do(ActionReader::read($this->action($job, $try)), Workbench::simulator());
            } catch (UnfitAction) {
                continue;
            }
        }

        return $job;
    }

    private function isDriven(): bool
    {
        return $this->number >= self::DRIVEN_FROM;
    }

    /** @return array<string, mixed> */
    private function action(Job $job, int $try): array
    {
        $done = count($job->steps);
        $written = $this->writable($job);

        return match (true) {
            $done === 0 => ['do' => 'ignition', 'to' => ! $this->isDriven() && $this->draw->uniform('first key') < 0.7 ? 'on' : 'running'],
            $done === 1 => ['do' => $this->vehicle->module->lampCodes === null ? 'read-codes' : 'watch-lamp'],
            $done === self::STEPS - 1 => ['do' => 'conclude'],
            $done >= self::STEPS - self::CLOSING => $this->closing($job, $done, $try),
            $written !== null && $this->draw->uniform("write $try") < 0.35 => $written,
            $this->isDriven() => (new DrawnDrive($this->draw, $try))->json(),
            default => (new DrawnAction($this->vehicle, $this->draw, $try))->json(),
        };
    }

    /** @return array<string, mixed> */
    private function closing(Job $job, int $done, int $try): array
    {
        $channel = $this->draw->uniform("at the fault $try") < 0.6 && $this->case->faults !== [] ? $this->case->faults[0]->channel : $this->one("closing channel $try", [...$this->vehicle->channelIds(), Vehicle::WHOLE]);
        $station = $this->one("closing station $try", array_keys(Vocabulary::DEFECTS));

        return match (($done - self::STEPS + self::CLOSING) % 4) {
            0 => ['do' => 'mark-station', 'channel' => $channel, 'station' => $station, 'mark' => $this->one("mark $try", ['open', 'suspect', 'cleared'])],
            1 => ['do' => 'name-cause', 'channel' => $channel, 'station' => $station, 'defect' => $this->one("defect $try", Vocabulary::DEFECTS[$station]), 'supports' => $this->entries($job), 'expects' => $this->one("expects $try", Vocabulary::EXPECTATIONS)],
            2 => ['do' => 'repair', 'kind' => $this->one("repair $try", DrawnAction::REPAIRS), 'channel' => $channel],
            default => $this->one("after $try", [['do' => 'clear-codes'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'look-at-lamps']]),
        };
    }

    /** @return list<int> */
    private function entries(Job $job): array
    {
        $entries = [];
        foreach ($job->steps as $step) {
            if (in_array($step->action->name(), ['write-reading', 'write-code'], true)) {
                $entries[] = $step->number;
            }
        }

        return array_slice($entries, -2);
    }

    /** @return ?array<string, mixed> what the last step showed, written down, at times wrongly */
    private function writable(Job $job): ?array
    {
        $last = $job->lastStep();
        if ($last === null || ! self::showsSomething($last->observation)) {
            return null;
        }
        $draw = $this->draw;
        $judgement = $this->one("judgement $last->number", ['in', 'out', 'unsure', 'says-nothing']);
        foreach ($last->observation->values as $name => $value) {
            if ($last->observation->kind === 'codes' && is_string($value) && in_array($value, ['present', 'pending', 'history'], true)) {
                return ['do' => 'write-code', 'code' => (string) $name, 'status' => $value];
            }
            if ($value instanceof ObservedNumber && in_array($value->unit, ['ohms', 'volts', 'hertz'], true)) {
                $unit = ['ohms' => 'Ω', 'volts' => 'V', 'hertz' => 'Hz'][$value->unit];

                return ['do' => 'write-reading', 'of' => $last->number, 'feature' => (string) $name, 'value' => $value->overload ? null : $value->si * ($draw->uniform("slip $last->number") < 0.2 ? 10.0 : 1.0), 'unit' => $value->overload ? '' : $unit, 'word' => $value->overload ? Vocabulary::OVERLOAD : '', 'judgement' => $judgement, 'comparedWith' => 'data sheet'];
            }
            if (is_string($value) && $last->observation->kind !== 'codes') {
                return ['do' => 'write-reading', 'of' => $last->number, 'feature' => (string) $name, 'value' => null, 'unit' => '', 'word' => $value, 'judgement' => $judgement, 'comparedWith' => 'the other side'];
            }
        }

        return null;
    }

    private static function showsSomething(Observation $observation): bool
    {
        return ! $observation->wasRefused() && $observation->values !== [];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(string $what, array $of): mixed
    {
        return $of[(int) floor($this->draw->uniform($what) * count($of))];
    }
}
