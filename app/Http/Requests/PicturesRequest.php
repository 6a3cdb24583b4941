<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PicturesInWords', required: ['described'], properties: [new OA\Property(property: 'described', type: 'boolean')])]
final class PicturesRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('resetPassword', $this->route('person'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['described' => ['required', 'boolean']];
    }
}
