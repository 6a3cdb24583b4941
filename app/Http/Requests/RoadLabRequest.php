<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\ContentLibrary;
use App\Http\Resources\RoadLabResource;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Format\VehicleReader;
use Lernfall\Lab\RoadSetting;
use Lernfall\Lab\RoadTask;
use OpenApi\Attributes as OA;

/** A drive on the road of the lab. */
#[OA\Schema(schema: 'RoadSetting', required: ['car', 'footing', 'pullsAway', 'kilometresPerHour', 'footNewtons', 'loadKilograms', 'controls', 'rear', 'defect', 'wheel'], properties: [
    new OA\Property(property: 'car', type: 'string'),
    new OA\Property(property: 'footing', type: 'string', enum: Footing::class),
    new OA\Property(property: 'pullsAway', type: 'boolean'),
    new OA\Property(property: 'kilometresPerHour', type: 'number', minimum: 10, maximum: 100),
    new OA\Property(property: 'footNewtons', type: 'number', minimum: 20, maximum: 600),
    new OA\Property(property: 'loadKilograms', type: 'number', minimum: 0, maximum: 500),
    new OA\Property(property: 'controls', type: 'boolean'),
    new OA\Property(property: 'rear', type: 'string', enum: ['as-built', 'together', 'singly']),
    new OA\Property(property: 'defect', description: 'a kind of fault, or empty', type: 'string'),
    new OA\Property(property: 'wheel', type: 'string'),
])]
final class RoadLabRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(ContentLibrary $library): array
    {
        return [
            'car' => ['required', 'string', Rule::in(array_keys(array_filter($library->vehicles(), static fn (array $document): bool => RoadLabResource::isDriven(VehicleReader::read($document)))))],
            'footing' => ['required', 'string', Rule::enum(Footing::class)],
            'pullsAway' => ['required', 'boolean'],
            'kilometresPerHour' => ['required', 'numeric', 'between:10,100'],
            'footNewtons' => ['required', 'numeric', 'between:20,600'],
            'loadKilograms' => ['required', 'numeric', 'between:0,500'],
            'controls' => ['required', 'boolean'],
            'rear' => ['required', 'in:as-built,together,singly'],
            'defect' => ['present', 'nullable', 'string', Rule::in(['', ...RoadLabResource::DEFECTS])],
            'wheel' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => Strings::text('form.number-missing'), 'numeric' => Strings::text('form.number-missing'), 'between' => Strings::text('form.between')];
    }

    public function setting(): RoadSetting
    {
        $task = new RoadTask(Footing::from($this->string('footing')->toString()), $this->boolean('pullsAway'), $this->float('kilometresPerHour') / 3.6, $this->float('footNewtons'));
        $rear = match ($this->string('rear')->toString()) {
            'together' => true,
            'singly' => false,
            default => null,
        };

        return new RoadSetting($task, $this->string('car')->toString(), $this->float('loadKilograms'), $this->boolean('controls'), $rear, $this->string('defect')->toString(), $this->string('wheel')->toString());
    }
}
