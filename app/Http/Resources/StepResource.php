<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AttemptAction;
use Illuminate\Support\Collection;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Step', required: ['number', 'action', 'observation', 'circumstances', 'minutes', 'money'], properties: [
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'action', ref: 'schemas/action.schema.json'),
    new OA\Property(property: 'observation', ref: '#/components/schemas/Observation'),
    new OA\Property(property: 'circumstances', ref: '#/components/schemas/Circumstances'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'money', type: 'number'),
])]
#[OA\Schema(schema: 'Circumstances', description: 'how the car stood when the step was done', required: ['ignition', 'keyCycle', 'openPlugs', 'turningChannels', 'connected'], properties: [
    new OA\Property(property: 'ignition', type: 'string', enum: ['off', 'on', 'running']),
    new OA\Property(property: 'keyCycle', type: 'integer'),
    new OA\Property(property: 'openPlugs', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'turningChannels', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'connected', description: 'what was clipped to the car or put into it from outside', type: 'array', items: new OA\Items(type: 'string', enum: ['generator', 'jumpers', 'bench-supply', 'breakout', 'meter', 'trial-part'])),
])]
#[OA\Schema(schema: 'Observation', required: ['kind', 'values', 'refusal', 'notes'], properties: [
    new OA\Property(property: 'kind', ref: 'schemas/action.schema.json#/$defs/observation'),
    new OA\Property(property: 'values', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [
        new OA\Schema(type: 'string'), new OA\Schema(ref: '#/components/schemas/ShownNumber'), new OA\Schema(ref: '#/components/schemas/ShownTrace'), new OA\Schema(ref: '#/components/schemas/ShownSeries'),
    ])),
    new OA\Property(property: 'refusal', ref: 'schemas/action.schema.json#/$defs/refusal'),
    new OA\Property(property: 'notes', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/note')),
    new OA\Property(property: 'picture', ref: '#/components/schemas/ShownPicture'),
])]
#[OA\Schema(schema: 'ShownPicture', description: 'what there was to see at the place looked at; while the job is open the words for it are not given', required: ['drawing', 'shows'], properties: [
    new OA\Property(property: 'drawing', type: 'string', enum: ['ring', 'encoder', 'film', 'gap', 'blades', 'tip', 'cable', 'plug-face', 'plug-joined', 'tyre', 'linings', 'brake-hose', 'fuse', 'relay', 'ground', 'unit-pipes', 'rocked-wheel', 'switch', 'reservoir']),
    new OA\Property(property: 'shows', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')])),
])]
#[OA\Schema(schema: 'ShownNumber', required: ['unit', 'si', 'resolution', 'overload'], properties: [
    new OA\Property(property: 'unit', type: 'string', enum: ['ohms', 'volts', 'amperes', 'hertz', 'metres', 'metresPerSecond', 'seconds', 'newtons']),
    new OA\Property(property: 'si', type: 'number'),
    new OA\Property(property: 'resolution', type: 'number'),
    new OA\Property(property: 'overload', type: 'boolean'),
])]
#[OA\Schema(schema: 'ShownTrace', required: ['steps', 'secondsPerSample', 'voltsPerStep'], properties: [
    new OA\Property(property: 'steps', description: 'converter steps from the middle of the screen', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'secondsPerSample', type: 'number'),
    new OA\Property(property: 'voltsPerStep', type: 'number'),
    new OA\Property(property: 'lows', description: 'least step between one sample and the next, where something shorter happens there', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'highs', description: 'and the greatest', type: 'array', items: new OA\Items(type: 'integer')),
])]
#[OA\Schema(schema: 'ShownSeries', required: ['unit', 'steps', 'secondsPerSample', 'resolution'], properties: [
    new OA\Property(property: 'unit', type: 'string'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'secondsPerSample', type: 'number'),
    new OA\Property(property: 'resolution', description: 'one step, in SI units', type: 'number'),
])]
final readonly class StepResource
{
    /**
     * @param  bool  $told  with the words for what was seen, which are the apprentice's to find while the job is open
     * @return array<string, mixed>
     */
    public static function of(AttemptAction $stored, Step $step, bool $told = false): array
    {
        $state = $step->after->state;
        $isPicture = isset($stored->observation['picture']) && ! $told;

        return [
            'number' => $stored->number,
            'action' => $stored->action,
            'observation' => ['values' => (object) ($isPicture ? [] : $stored->observation['values'])] + $stored->observation,
            'circumstances' => [
                'ignition' => $state->key->position->value, 'keyCycle' => $state->key->cycles, 'openPlugs' => $state->places->openPlugs, 'turningChannels' => $state->wheels->channels(),
                'connected' => [...$state->connections->connected(), ...($state->places->removed->isEmpty() ? [] : ['trial-part'])],
            ],
            'minutes' => $stored->minutes,
            'money' => $stored->money,
        ];
    }

    /**
     * @param  Collection<int, AttemptAction>  $stored
     * @return list<array<string, mixed>>
     */
    public static function all(Collection $stored, Job $job, bool $told = false): array
    {
        return array_map(static fn (AttemptAction $one, Step $step): array => self::of($one, $step, $told), array_values($stored->all()), $job->steps);
    }
}
