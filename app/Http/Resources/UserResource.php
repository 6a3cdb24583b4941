<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'User', required: ['name', 'signIn', 'role', 'groups', 'choosesPassword', 'decimalSign', 'largerType', 'theme'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['administrator', 'instructor', 'apprentice']),
    new OA\Property(property: 'groups', description: 'by name', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'choosesPassword', description: 'before anything else', type: 'boolean'),
    new OA\Property(property: 'decimalSign', description: 'empty: as the language has it', type: 'string', enum: ['', '.', ',']),
    new OA\Property(property: 'largerType', type: 'boolean'),
    new OA\Property(property: 'theme', description: 'empty: as the browser asks for it', type: 'string', enum: ['', 'light', 'dark']),
])]
final readonly class UserResource
{
    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        return [
            'name' => $user->name, 'role' => $user->role->value, 'groups' => $user->loadMissing('groups')->groups->pluck('name')->all(), 'signIn' => $user->sign_in,
            'choosesPassword' => $user->chooses_password, 'decimalSign' => $user->decimal_sign, 'largerType' => $user->larger_type, 'theme' => $user->theme,
        ];
    }
}
