<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\PicturesRequest;
use App\Http\Resources\PersonResource;
use App\Models\Group;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Who cannot see a picture is told in words what is on it; in practice everybody may ask for that, in an examination these people. No report says so. */
final readonly class PicturesController
{
    #[OA\Put(path: '/api/people/{person}/pictures', operationId: 'describePictures', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PicturesInWords')), responses: [
        new OA\Response(response: 200, description: 'from now on, in jobs under way as well', content: new OA\JsonContent(ref: '#/components/schemas/PersonRow')),
        new OA\Response(response: 403, description: 'somebody else\'s apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither yes nor no', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(PicturesRequest $request, User $person, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        if ($person->pictures_described !== $request->boolean('described')) {
            $person->update(['pictures_described' => $request->boolean('described')]);
            $log->note(LogKind::PicturesDescribed, $user, $person->name);
        }

        return new JsonResponse(PersonResource::of($person, array_values(Group::of($user)->pluck('id')->all()), null));
    }
}
