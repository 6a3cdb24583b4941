<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\ClosedGround\RoadPlay;
use Lernfall\Module\Control\WheelPhase;
use Lernfall\Road\Surface;
use OpenApi\Attributes as OA;

/** A drive, moment by moment; lists of moments are all as long. */
#[OA\Schema(schema: 'RoadPlay', required: ['secondsPerSample', 'patches', 'wheelbaseMetres', 'trackMetres', 'speed', 'reference', 'metres', 'aside', 'turned', 'wheels', 'pump', 'engine', 'curves', 'told', 'controlled', 'goesRound'], properties: [
    new OA\Property(property: 'secondsPerSample', type: 'number'),
    new OA\Property(property: 'patches', description: 'of the road, in the order they come', type: 'array', items: new OA\Items(required: ['metre', 'left', 'right'], properties: [
        new OA\Property(property: 'metre', type: 'number'),
        new OA\Property(property: 'left', type: 'string', enum: Surface::class),
        new OA\Property(property: 'right', type: 'string', enum: Surface::class),
    ], type: 'object')),
    new OA\Property(property: 'wheelbaseMetres', type: 'number'),
    new OA\Property(property: 'trackMetres', type: 'number'),
    new OA\Property(property: 'speed', description: 'of the car, m/s', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'reference', description: 'what the module takes for it', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'metres', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'aside', description: 'metres off the line, to the left; may end early', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'turned', description: 'radians, to the left; may end early', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'wheels', type: 'array', items: new OA\Items(ref: '#/components/schemas/RoadWheel')),
    new OA\Property(property: 'pump', description: 'seconds from which it turns, and from which it stands, in turn', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'engine', description: 'share of its torque that the module lets through, as a car pulls away; else empty', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'curves', type: 'array', items: new OA\Items(required: ['surface', 'grip'], properties: [
        new OA\Property(property: 'surface', type: 'string', enum: Surface::class),
        new OA\Property(property: 'grip', description: 'pairs of slip and grip', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
    ], type: 'object')),
    new OA\Property(property: 'told', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'controlled', description: 'the module was switched on, and found nothing that switches it off', type: 'boolean'),
    new OA\Property(property: 'goesRound', description: 'the path ends because the car swings round', type: 'boolean'),
])]
#[OA\Schema(schema: 'RoadWheel', required: ['id', 'speed', 'counted', 'slip', 'bar', 'grip', 'phases'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'speed', description: 'at its rim, m/s', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'counted', description: 'as the module counts it', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'slip', description: 'above zero while braking', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'bar', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'grip', description: 'its force on the road against its load', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'phases', description: 'from which second on the module wants what', type: 'array', items: new OA\Items(required: ['from', 'phase'], properties: [
        new OA\Property(property: 'from', type: 'number'),
        new OA\Property(property: 'phase', type: 'string', enum: WheelPhase::class),
    ], type: 'object')),
])]
final readonly class RoadPlayResource
{
    /** No more moments than this are sent of a drive. */
    private const MOST_SAMPLES = 400;

    /** Slips at which the curve of a surface is drawn: small ones closer together. */
    private const CURVE_POINTS = 40;

    /** @return array<string, mixed> */
    public static function of(RoadPlay $play): array
    {
        $record = $play->record;
        $every = max(1, (int) ceil(count($record->seconds) / self::MOST_SAMPLES));
        $ticks = range(0, max(0, count($record->seconds) - 1), $every);
        $surfaces = [];
        foreach ($play->track->patches as [, $left, $right]) {
            $surfaces += [$left->value => $left, $right->value => $right];
        }
        $pathTicks = array_filter($ticks, static fn (int $tick): bool => isset($play->path[$tick]));

        return [
            'secondsPerSample' => $every * $record->tickSeconds,
            'patches' => array_map(static fn (array $one): array => ['metre' => $one[0], 'left' => $one[1]->value, 'right' => $one[2]->value], $play->track->patches),
            'wheelbaseMetres' => $play->chassis->wheelbaseMetres,
            'trackMetres' => $play->chassis->trackMetres,
            'speed' => self::sampled($record->metresPerSecond, $ticks),
            'reference' => self::sampled($record->reference, $ticks),
            'metres' => self::sampled($record->metres, $ticks),
            'aside' => array_values(array_map(static fn (int $tick): float => round($play->path[$tick][0], 3), $pathTicks)),
            'turned' => array_values(array_map(static fn (int $tick): float => round($play->path[$tick][1], 4), $pathTicks)),
            'wheels' => array_map(static fn (string $id, int $wheel): array => self::wheel($play, $id, $wheel, $ticks), $play->wheels, array_keys($play->wheels)),
            'pump' => self::changes($record->pumpTurns, $record->tickSeconds),
            'engine' => $record->engineShares === [] ? [] : self::sampled($record->engineShares, $ticks),
            'curves' => array_values(array_map(self::curve(...), $surfaces)),
            'told' => $play->told,
            'controlled' => $play->isControlled,
            'goesRound' => $play->goesRound,
        ];
    }

    /**
     * @param  list<int>  $ticks
     * @return array<string, mixed>
     */
    private static function wheel(RoadPlay $play, string $id, int $wheel, array $ticks): array
    {
        $record = $play->record;
        $phases = [];
        foreach ($record->phases as $tick => $all) {
            if ($tick === 0 || $all[$wheel] !== $record->phases[$tick - 1][$wheel]) {
                $phases[] = ['from' => round($tick * $record->tickSeconds, 3), 'phase' => $all[$wheel]->value];
            }
        }
        $grip = static fn (int $tick): float => $record->loads[$tick][$wheel] > 0.0 ? abs($record->forces[$tick][$wheel]) / $record->loads[$tick][$wheel] : 0.0;

        return [
            'id' => $id,
            'speed' => self::sampled(array_column($record->wheels, $wheel), $ticks),
            'counted' => self::sampled(array_column($record->counted, $wheel), $ticks),
            'slip' => self::sampled(array_column($record->slips, $wheel), $ticks, 4),
            'bar' => self::sampled(array_column($record->bars, $wheel), $ticks, 1),
            'grip' => array_map(static fn (int $tick): float => round($grip($tick), 3), $ticks),
            'phases' => $phases,
        ];
    }

    /**
     * @param  list<float>  $values  of every tick
     * @param  list<int>  $ticks
     * @return list<float>
     */
    private static function sampled(array $values, array $ticks, int $digits = 3): array
    {
        return array_map(static fn (int $tick): float => round($values[$tick], $digits), $ticks);
    }

    /**
     * @param  list<bool>  $states  of every tick
     * @return list<float> seconds of each change, the first from no to yes
     */
    private static function changes(array $states, float $tickSeconds): array
    {
        $changes = [];
        foreach ($states as $tick => $state) {
            if ($state !== ($states[$tick - 1] ?? false)) {
                $changes[] = round($tick * $tickSeconds, 3);
            }
        }

        return $changes;
    }

    /** @return array<string, mixed> */
    private static function curve(Surface $surface): array
    {
        $friction = $surface->friction();
        $grip = static function (int $point) use ($friction): array {
            $slip = ($point / self::CURVE_POINTS) ** 2;

            return [round($slip, 4), round($friction->at($slip), 3)];
        };

        return ['surface' => $surface->value, 'grip' => array_map($grip, range(0, self::CURVE_POINTS))];
    }
}
