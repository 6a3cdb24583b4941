<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\CaseText;
use App\Attempts\Room;
use App\Models\Attempt;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\DataSheet\LookUpDataSheet;
use Lernfall\Bay\Inspection\Manner;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Meter\Meter;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Meter\MeterRange;
use Lernfall\Bay\Worksheet\HandOver;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Fault\Symptom;
use Lernfall\Format\CaseDocument;
use OpenApi\Attributes as OA;

/** Everything the bay needs, and nothing of what is wrong with the car. */
#[OA\Schema(schema: 'Attempt', required: ['id', 'trialOf', 'jobTitle', 'complaint', 'car', 'toolMenu', 'state', 'steps', 'dataSheet', 'rates', 'meter', 'rules', 'unsafeActs', 'withheld', 'madeElsewhere', 'symptoms', 'receivers', 'journeys', 'counselPoints', 'picturesDescribed', 'defects', 'sights', 'harmless', 'manners', 'expectations', 'room'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'trialOf', description: 'the case, where its author tries it', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'complaint', type: 'string'),
    new OA\Property(property: 'car', ref: '#/components/schemas/Car'),
    new OA\Property(property: 'toolMenu', description: 'vehicles and their systems as a scan tool lists them', type: 'array', items: new OA\Items(ref: '#/components/schemas/ToolVehicle')),
    new OA\Property(property: 'state', ref: '#/components/schemas/BayState'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/Step')),
    new OA\Property(property: 'dataSheet', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/DataSheet'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'rates', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/Rate')),
    new OA\Property(property: 'meter', ref: '#/components/schemas/MeterOnTheBench'),
    new OA\Property(property: 'rules', ref: '#/components/schemas/Rules'),
    new OA\Property(property: 'withheld', description: 'tools that are not in the bay', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/tool')),
    new OA\Property(property: 'madeElsewhere', description: 'kinds of repair that are not made in this workshop', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/repair/properties/kind')),
    new OA\Property(property: 'symptoms', description: 'what the customer has noticed', type: 'array', items: new OA\Items(ref: 'schemas/case.schema.json#/$defs/symptom')),
    new OA\Property(property: 'receivers', description: 'to whom a car can be handed over', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/conclude/properties/to')),
    new OA\Property(property: 'journeys', description: 'how it gets there', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/conclude/properties/journey')),
    new OA\Property(property: 'unsafeActs', description: 'that can cap a mark', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'counselPoints', description: 'what asking the advice costs, by what is asked; null where it may not be asked', oneOf: [new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'picturesDescribed', description: 'what a picture shows may be told in words', type: 'boolean'),
    new OA\Property(property: 'defects', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    new OA\Property(property: 'sights', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    new OA\Property(property: 'harmless', description: 'marks that any part in use has, by the place looked at', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'manners', description: 'how one can look, by the place looked at', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/look/properties/manner'))),
    new OA\Property(property: 'expectations', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'room', description: 'percent of what one job may hold that are left; null while there is plenty', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'MeterOnTheBench', required: ['averages', 'ranges'], properties: [
    new OA\Property(property: 'averages', description: 'alternating volts are the scaled mean, not true RMS', type: 'boolean'),
    new OA\Property(property: 'ranges', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: '#/components/schemas/MeterRange'))),
])]
#[OA\Schema(schema: 'MeterRange', required: ['fullScale', 'resolution'], properties: [
    new OA\Property(property: 'fullScale', type: 'number'),
    new OA\Property(property: 'resolution', type: 'number'),
])]
#[OA\Schema(schema: 'ToolVehicle', required: ['id', 'name', 'systems'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'systems', type: 'array', items: new OA\Items(ref: '#/components/schemas/SystemName')),
])]
#[OA\Schema(schema: 'Rate', required: ['minutes', 'money'], properties: [
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'money', type: 'number'),
])]
final readonly class AttemptResource
{
    /** @return array<string, mixed> */
    public static function of(Attempt $attempt, Job $job, Simulator $simulator, CaseDocument $document, ToolMenu $menu): array
    {
        $policy = $document->policy;

        return [
            'id' => $attempt->id,
            'trialOf' => $attempt->assignment_id === null ? $attempt->version->case_draft_id : null,
            ...CaseText::told($job->case, $attempt->assignment),
            'car' => CarResource::of($job->case->sound),
            'toolMenu' => $menu->for($job->case->sound),
            'state' => BayStateResource::of($job),
            'steps' => StepResource::all($attempt->actions, $job),
            'dataSheet' => self::dataSheet($job),
            'rates' => array_map(static fn (Rate $rate): array => ['minutes' => $rate->minutes, 'money' => $rate->money], $simulator->workshop->rates()),
            'meter' => self::meter($job->case->equips($simulator)->workshop->equipment(Meter::class)),
            'rules' => PolicyResource::rules($policy),
            'withheld' => $job->case->withheld,
            'madeElsewhere' => $job->case->madeElsewhere,
            'symptoms' => array_map(static fn (Symptom $one): string => $one->id, $document->knowledge->symptoms),
            'receivers' => HandOver::RECEIVERS,
            'journeys' => HandOver::JOURNEYS,
            'unsafeActs' => PolicyResource::unsafeActs(),
            'counselPoints' => $document->practice ? $policy->counselPoints : null,
            'picturesDescribed' => $document->practice || $attempt->loadMissing('apprentice')->apprentice->pictures_described,
            'defects' => Vocabulary::DEFECTS,
            'sights' => Vocabulary::SIGHTS,
            'harmless' => Vocabulary::HARMLESS,
            'manners' => self::manners(),
            'expectations' => Vocabulary::EXPECTATIONS,
            'room' => Room::of($attempt)->percentLeft(),
        ];
    }

    /** @return array<string, list<Manner>> */
    private static function manners(): array
    {
        return array_map(static fn (Sight $at): array => $at->manners(), array_column(Sight::cases(), null, 'value'));
    }

    /** @return array<string, mixed> */
    private static function meter(Meter $meter): array
    {
        $ranges = [];
        foreach (MeterFunction::cases() as $function) {
            $ranges[$function->value] = array_map(
                static fn (MeterRange $range): array => ['fullScale' => $range->fullScale, 'resolution' => $range->resolution],
                $meter->ranges($function),
            );
        }

        return ['averages' => $meter->averages, 'ranges' => $ranges];
    }

    /** @return ?array<string, mixed> */
    public static function dataSheet(Job $job): ?array
    {
        return $job->stepsOf(LookUpDataSheet::class) === [] ? null : DataSheetResource::of($job->case->sound);
    }
}
