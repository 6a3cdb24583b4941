<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Releases;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class ReleaseController
{
    #[OA\Post(path: '/api/cases/{case}/release', operationId: 'openReports', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'the reports of all that was published of this case are open'),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Request $request, CaseDraft $case, Releases $releases, HouseLog $log): Response
    {
        Gate::authorize('own', $case);
        $releases->open($case);
        $user = $request->user();
        assert($user instanceof User);
        $log->note(LogKind::ReportsOpened, $user, (string) $case->document['name']);

        return new Response(status: 204);
    }
}
