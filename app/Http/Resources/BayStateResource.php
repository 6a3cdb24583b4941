<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Car\Connections;
use Lernfall\Bay\Job\Job;
use Lernfall\Circuit\BenchLeads;
use Lernfall\Circuit\JumperLead;
use OpenApi\Attributes as OA;

/** What the person in the bay has done to the car: visible without any instrument. */
#[OA\Schema(schema: 'BayState', required: ['ignition', 'openPlugs', 'chocked', 'raised', 'onStands', 'turningChannels', 'underPower', 'injection', 'jumpers', 'meterInSeries', 'bench', 'breakout', 'provoked', 'provokedAt', 'trialParts', 'rearranged', 'inSession', 'connectorOpen', 'minutes', 'money', 'concluded'], properties: [
    new OA\Property(property: 'ignition', type: 'string', enum: ['off', 'on', 'running']),
    new OA\Property(property: 'openPlugs', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'chocked', type: 'boolean'),
    new OA\Property(property: 'raised', type: 'boolean'),
    new OA\Property(property: 'onStands', type: 'boolean'),
    new OA\Property(property: 'turningChannels', description: 'channels whose wheel turns on stands', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'underPower', description: 'the engine turns them', type: 'boolean'),
    new OA\Property(property: 'injection', oneOf: [new OA\Schema(ref: '#/components/schemas/Injection'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'jumpers', type: 'array', items: new OA\Items(ref: '#/components/schemas/JumperLead')),
    new OA\Property(property: 'meterInSeries', description: 'where the meter is part of the circuit', oneOf: [new OA\Schema(ref: '#/components/schemas/JumperLead'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'bench', oneOf: [new OA\Schema(ref: '#/components/schemas/BenchSupply'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'breakout', type: 'boolean'),
    new OA\Property(property: 'provoked', description: 'what is being done to the car at this moment, or empty', type: 'string'),
    new OA\Property(property: 'provokedAt', description: 'the corner it is done at, or empty', type: 'string'),
    new OA\Property(property: 'trialParts', description: 'as "part@place": parts from the shelf that are in the car', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'rearranged', description: 'parts have changed places, are on trial, taped round or joined by leads', type: 'boolean'),
    new OA\Property(property: 'inSession', description: 'a scan tool holds the brake module', type: 'boolean'),
    new OA\Property(property: 'connectorOpen', description: 'the check connector', type: 'boolean'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'money', type: 'number'),
    new OA\Property(property: 'concluded', type: 'boolean'),
])]
#[OA\Schema(schema: 'JumperLead', required: ['first', 'second'], properties: [
    new OA\Property(property: 'first', type: 'string'),
    new OA\Property(property: 'second', type: 'string'),
])]
#[OA\Schema(schema: 'BenchSupply', required: ['channel', 'volts', 'limitAmperes', 'reversed', 'leads'], properties: [
    new OA\Property(property: 'leads', description: 'what touches the sensor\'s pins where it was placed by hand', type: 'array', items: new OA\Items(required: ['pad', 'mark'], properties: [new OA\Property(property: 'pad', type: 'string'), new OA\Property(property: 'mark', type: 'string', enum: ['+', '−', 'Ω'])], type: 'object')),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'volts', type: 'number'),
    new OA\Property(property: 'limitAmperes', type: 'number'),
    new OA\Property(property: 'reversed', type: 'boolean'),
])]
#[OA\Schema(schema: 'Injection', required: ['channel', 'shape', 'hertz', 'amplitude'], properties: [
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'shape', type: 'string'),
    new OA\Property(property: 'hertz', type: 'number'),
    new OA\Property(property: 'amplitude', type: 'number'),
])]
final readonly class BayStateResource
{
    /** @return array<string, mixed> */
    public static function of(Job $job): array
    {
        $state = $job->car->state;

        return [
            'ignition' => $state->key->position->value,
            'openPlugs' => $state->places->openPlugs,
            'chocked' => $state->lift->chocked,
            'raised' => $state->lift->raised,
            'onStands' => $state->lift->onStands,
            'turningChannels' => $state->wheels->channels(),
            'underPower' => $state->wheels->underPower,
            ...self::hookup($state->connections),
            'trialParts' => $state->places->removed->names(),
            'rearranged' => $job->car->isRearranged(),
            'inSession' => $state->session->inSession,
            'connectorOpen' => $state->session->connectorOpen,
            'minutes' => $job->minutes(),
            'money' => $job->money(),
            'concluded' => $job->isConcluded(),
        ];
    }

    /** @return array<string, mixed> */
    private static function hookup(Connections $connections): array
    {
        return [
            'injection' => $connections->injection === null ? null : [
                'channel' => $connections->injection->channel, 'shape' => $connections->injection->shape,
                'hertz' => $connections->injection->hertz, 'amplitude' => $connections->injection->amplitude,
            ],
            'jumpers' => array_map(self::lead(...), $connections->jumpers),
            'meterInSeries' => $connections->meter->inSeries === null ? null : self::lead($connections->meter->inSeries),
            'bench' => $connections->bench === null ? null : [
                'channel' => $connections->bench->channel, 'volts' => $connections->bench->volts,
                'limitAmperes' => $connections->bench->limitAmperes, 'reversed' => $connections->bench->reversed, 'leads' => self::leads($connections->bench->leads),
            ],
            'breakout' => $connections->breakout,
            'provoked' => $connections->provoked->how->value ?? '',
            'provokedAt' => $connections->provoked->channel ?? '',
        ];
    }

    /** @return array{first: string, second: string} */
    private static function lead(JumperLead $lead): array
    {
        return ['first' => $lead->first->id, 'second' => $lead->second->id];
    }

    /** @return list<array{pad: string, mark: string}> what touches the sensor's pins: the supply's leads and the ends of the load */
    private static function leads(?BenchLeads $leads): array
    {
        if ($leads === null) {
            return [];
        }
        $touching = [['pad' => $leads->positive->id, 'mark' => '+']];
        if ($leads->negative !== null) {
            $touching[] = ['pad' => $leads->negative->id, 'mark' => '−'];
        }
        foreach ($leads->load ?? [] as $end) {
            if ($end->onPlug) {
                $touching[] = ['pad' => $end->id, 'mark' => 'Ω'];
            }
        }

        return $touching;
    }
}
