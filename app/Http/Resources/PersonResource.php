<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Group;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A person as whoever answers for them sees it: of the groups, those the reader answers for as well. */
#[OA\Schema(schema: 'PersonRow', required: ['id', 'name', 'signIn', 'role', 'groups', 'choosesPassword', 'seenAt', 'mayBeReset', 'mayBeDeleted', 'extraTimePercent', 'picturesDescribed'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['administrator', 'instructor', 'apprentice']),
    new OA\Property(property: 'groups', description: 'of those I answer for, by name', type: 'array', items: new OA\Items(ref: '#/components/schemas/GroupName')),
    new OA\Property(property: 'choosesPassword', description: 'has a password for once, and no own one yet', type: 'boolean'),
    new OA\Property(property: 'seenAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'mayBeReset', type: 'boolean'),
    new OA\Property(property: 'mayBeDeleted', type: 'boolean'),
    new OA\Property(property: 'extraTimePercent', description: 'what is added to the time of a job', type: 'integer'),
    new OA\Property(property: 'picturesDescribed', description: 'is told in words what a picture shows, in examinations as well', type: 'boolean'),
])]
#[OA\Schema(schema: 'GroupName', required: ['id', 'name'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
])]
final readonly class PersonResource
{
    /**
     * @param  list<int>  $mine  groups the reader answers for
     * @return array<string, mixed>
     */
    public static function of(User $person, array $mine, ?SignIn $lastSeen): array
    {
        return [
            'id' => $person->id,
            'name' => $person->name,
            'signIn' => $person->sign_in,
            'role' => $person->role->value,
            'groups' => $person->loadMissing('groups')->groups->whereIn('id', $mine)->map(static fn (Group $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all(),
            'choosesPassword' => $person->chooses_password,
            'seenAt' => $lastSeen?->seen_at->toIso8601String(),
            'mayBeReset' => Gate::allows('resetPassword', $person),
            'mayBeDeleted' => Gate::allows('delete', $person),
            'extraTimePercent' => $person->extra_time_percent,
            'picturesDescribed' => $person->pictures_described,
        ];
    }
}
