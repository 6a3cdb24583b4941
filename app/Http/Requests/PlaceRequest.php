<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPlace', required: ['atCar'], properties: [new OA\Property(property: 'atCar', description: 'where I am from now on; my partner takes the other place', type: 'boolean')])]
final class PlaceRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('work', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['atCar' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['atCar.*' => Strings::text('form.yes-or-no')];
    }
}
