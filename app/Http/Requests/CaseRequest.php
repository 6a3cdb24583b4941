<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Models\CaseDraft;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\CaseReader;
use OpenApi\Attributes as OA;

/** A case as it lies on the bench: the case file's own fields, checked by its reader and its schema. */
#[OA\Schema(schema: 'CaseFields', required: ['name', 'jobTitle', 'complaint', 'car', 'faults'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'complaint', type: 'string'),
    new OA\Property(property: 'car', type: 'string'),
    new OA\Property(property: 'carValues', description: 'values of the car that this case replaces, by JSON pointer; left out, none', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'boolean'), new OA\Schema(type: 'number'), new OA\Schema(type: 'string')])),
    new OA\Property(property: 'faults', description: 'none where the complaint is of normal behaviour', type: 'array', items: new OA\Items(ref: '#/components/schemas/FaultSetting')),
    new OA\Property(property: 'meter', description: 'left out, true RMS', type: 'string', enum: ['true-rms', 'averaging']),
    new OA\Property(property: 'withheld', description: 'tools that are not in the bay; left out, all are', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'madeElsewhere', description: 'kinds of repair that are not made in this workshop; left out, all are', type: 'array', items: new OA\Items(ref: 'schemas/action.schema.json#/$defs/repair/properties/kind')),
    new OA\Property(property: 'symptoms', description: 'what the customer has noticed; left out, nothing that helps', type: 'array', items: new OA\Items(ref: 'schemas/case.schema.json#/$defs/symptom')),
    new OA\Property(property: 'policy', description: 'name of a policy, or one of its own; left out, the usual one', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(ref: '#/components/schemas/Policy')]),
    new OA\Property(property: 'practice', description: 'whether advice may be asked, at a cost in marks; left out, no', type: 'boolean'),
    new OA\Property(property: 'knowledge', description: 'what is known beyond the catalogue', properties: [
        new OA\Property(property: 'lampTold', description: 'whether the complaint tells of a warning lamp; left out, it tells nothing about lamps', type: 'boolean'),
        new OA\Property(property: 'priorFactors', description: 'by kind of fault, or "nothing": how much more common than the catalogue takes it to be', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    ], type: 'object'),
])]
#[OA\Schema(schema: 'FaultSetting', required: ['kind', 'channel'], properties: [
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'conductor', type: 'string'),
    new OA\Property(property: 'strength', type: 'number', description: 'in SI units of the kind'),
    new OA\Property(property: 'provokedBy', type: 'string', description: 'the fault shows only while this is done; left out, it always shows'),
])]
final class CaseRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return $this->route('case') instanceof CaseDraft ? Gate::allows('own', $this->route('case')) : Gate::allows('compose', CaseDraft::class);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'jobTitle' => ['required', 'string', 'max:80'],
            'complaint' => ['required', 'string', 'max:600'],
            'car' => ['required', 'string'],
            'vehicle' => ['prohibited'],
            'faults' => ['present', 'array', 'max:4'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Strings::text('form.case-name-missing'),
            'jobTitle.required' => Strings::text('form.job-title-missing'),
            'complaint.required' => Strings::text('form.complaint-missing'),
            'vehicle.prohibited' => Strings::text('form.vehicle-sent'),
            'faults.present' => Strings::text('form.fault-missing'),
            'faults.array' => Strings::text('form.fault-missing'),
            'max' => Strings::text('form.too-long'),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    public function document(ContentLibrary $library, SchemaCheck $schemas): array
    {
        $document = ['format' => CaseReader::FORMAT, ...$this->only(['name', 'jobTitle', 'complaint', 'car', 'carValues', 'faults', 'meter', 'withheld', 'madeElsewhere', 'symptoms', 'policy', 'knowledge', 'practice'])];
        if (is_array($document['knowledge'] ?? null)) { // an empty object is nothing known, and once decoded no longer told from a list
            $document['knowledge'] = array_filter($document['knowledge'], static fn (mixed $part): bool => $part !== []);
            $document = array_filter($document, static fn (mixed $part, string $name): bool => $name !== 'knowledge' || $part !== [], ARRAY_FILTER_USE_BOTH);
        }
        $library->caseReader()->read($document);
        $schemas->check($document, 'case');

        return $document;
    }
}
