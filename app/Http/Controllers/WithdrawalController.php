<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\WithdrawalRequest;
use App\Http\Resources\CaseResource;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Takes a published version back from whoever has not started it, and gives it out again. */
final readonly class WithdrawalController
{
    #[OA\Put(path: '/api/cases/{case}/versions/{number}', operationId: 'withdraw', parameters: [
        new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer')),
        new OA\PathParameter(name: 'number', schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Withdrawal')), responses: [
        new OA\Response(response: 200, description: 'done, or it was so before', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 404, description: 'no such version', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(WithdrawalRequest $request, CaseDraft $case, int $number, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $version = $case->versions()->where('number', $number)->firstOrFail();
        $withdrawn = $request->boolean('withdrawn');
        if ($withdrawn !== ($version->withdrawn_at !== null)) {
            $version->update(['withdrawn_at' => $withdrawn ? now() : null]);
            $log->note($withdrawn ? LogKind::Withdrawn : LogKind::GivenAgain, $user, "{$case->document['name']}, $version->number");
        }

        return new JsonResponse(CaseResource::of($case));
    }
}
