<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class CounselRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('work', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['about' => ['required', 'string', 'in:possible,next']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['about.*' => Strings::text('counsel.about-what')];
    }
}
