<?php

declare(strict_types=1);

namespace Lernfall\Bay\Gauge;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The gap between ring and sensor, by feeler gauges of something that is not magnetic, at four places of a turn: at the first of them, and by how much most and least differ. Where none can be put in,
 * that is what is found.
 *
 * @extends BaseCarProcedure<GaugeGap>
 */
final readonly class GaugeGapProcedure extends BaseCarProcedure
{
    /** Feeler gauges come in steps of this. */
    private const STEP_METRES = 0.00005;

    /** A ring that runs true differs by so much round a turn. */
    private const TRUE_METRES = 0.00004;

    /** How alike two hands gauge. */
    private const SPREAD_METRES = 0.00003;

    public function name(): string
    {
        return 'gauge-gap';
    }

    public function observations(): array
    {
        return ['gauged'];
    }

    public function tool(): string
    {
        return 'gauge';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Measure the gap with feeler gauges')
            ->with('channel', Setting::text());
    }

    public function example(): array
    {
        return ['channel' => 'FR'];
    }

    public function decode(Node $node): Action
    {
        return new GaugeGap($node->text('channel'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        if (! $car->sound->channel($action->channel)->wheelEnd->bladesReach) {
            return Branch::only($car, Prediction::of('gauged', ['reach' => CategoryFeature::certain('no-way-in')]));
        }
        $gap = $car->channel($action->channel)->wheelEnd->gapMetres;
        $deviation = $car->deviation("$action->channel.gap");
        $change = $car->isHypothesis() ? $car->shifted($deviation)->channel($action->channel)->wheelEnd->gapMetres - $gap : 0.0;

        $runs = $car->channel($action->channel)->wheelEnd->ring->damage->runoutMetres;
        $gauged = Prediction::of('gauged', [
            'gap' => NumberFeature::reading('metres', $gap, self::STEP_METRES, self::SPREAD_METRES, $change === 0.0 ? [] : [$deviation => $change], false),
            'spread' => NumberFeature::reading('metres', 2.0 * $runs + self::TRUE_METRES, self::STEP_METRES, self::SPREAD_METRES, [], false),
        ]);

        return Branch::only($car, $car->isHypothesis() ? $gauged : $gauged->showing(self::tried(...)));
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return $channel->wheelEnd->bladesReach ? [CandidateTest::usual('gauge-gap', Before::secured(), new GaugeGap($channel->id), ['gap', 'spread'])] : [];
    }

    /** @param  array<array-key, mixed>  $values */
    private static function tried(array $values): ObservedPicture
    {
        assert($values['gap'] instanceof ObservedNumber && $values['spread'] instanceof ObservedNumber);

        return BladesTried::picture($values['gap'], $values['spread'], self::STEP_METRES);
    }
}
