<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\ContentLibrary;
use App\Models\OwnVehicle;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewVehicle', required: ['base', 'name'], properties: [
    new OA\Property(property: 'base', description: 'id of a built-in car', type: 'string'),
    new OA\Property(property: 'name', type: 'string', maxLength: 40),
    new OA\Property(property: 'values', description: 'that are not as in the built-in one, by JSON pointer; left out, none', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
])]
final class VehicleRequest extends FormRequest
{
    private const LONGEST_NAME = 40;

    private const MOST_VALUES = 300;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        $vehicle = $this->route('vehicle');

        return $vehicle instanceof OwnVehicle ? Gate::allows('change', $vehicle) : Gate::allows('build', OwnVehicle::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(ContentLibrary $library): array
    {
        $user = $this->user();
        $vehicle = $this->route('vehicle');

        return [
            'base' => ['bail', 'required', 'string', Rule::in(array_keys($library->vehicles()))],
            'name' => ['bail', 'required', 'string', 'max:'.self::LONGEST_NAME, Rule::notIn(array_column($library->vehicles(), 'name')),
                Rule::unique('own_vehicles', 'name')->where('instructor_id', $user instanceof User ? $user->id : 0)->ignore($vehicle instanceof OwnVehicle ? $vehicle->id : null)],
            'values' => ['sometimes', 'array', 'max:'.self::MOST_VALUES],
            'values.*' => ['numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'base.*' => Strings::text('vehicles.base-wrong'), 'name.unique' => Strings::text('vehicles.name-taken'), 'name.not_in' => Strings::text('vehicles.name-taken'), 'name.*' => Strings::text('vehicles.name-wrong', ['most' => (string) self::LONGEST_NAME]),
            'values.*' => Strings::text('values.wrong'), 'values' => Strings::text('values.wrong'),
        ];
    }

    /** @return array<string, float|int> */
    public function values(): array
    {
        $values = $this->input('values');

        return is_array($values) ? array_map(static fn (mixed $one): float|int => is_int($one) ? $one : (float) (is_numeric($one) ? $one : 0), $values) : [];
    }
}
