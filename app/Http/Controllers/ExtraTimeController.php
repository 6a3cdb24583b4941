<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\ExtraTimeRequest;
use App\Http\Resources\PersonResource;
use App\Models\Group;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Who needs more time than the others has it in every job that has a time; no apprentice sees it of another. */
final readonly class ExtraTimeController
{
    #[OA\Put(path: '/api/people/{person}/extra-time', operationId: 'giveExtraTime', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewExtraTime')), responses: [
        new OA\Response(response: 200, description: 'from now on, in jobs under way as well', content: new OA\JsonContent(ref: '#/components/schemas/PersonRow')),
        new OA\Response(response: 403, description: 'somebody else\'s apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no such share', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(ExtraTimeRequest $request, User $person, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        if ($person->extra_time_percent !== $request->integer('percent')) {
            $person->update(['extra_time_percent' => $request->integer('percent')]);
            $log->note(LogKind::ExtraTime, $user, "$person->name, {$request->integer('percent')} %");
        }

        return new JsonResponse(PersonResource::of($person, array_values(Group::of($user)->pluck('id')->all()), null));
    }
}
