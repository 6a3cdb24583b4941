<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Whether the handbook may be opened: its words lie in the browser, and in some examinations it stays closed. */
final readonly class HandbookController
{
    #[OA\Get(path: '/api/handbook', operationId: 'openHandbook', responses: [
        new OA\Response(response: 204, description: 'it is open'),
        new OA\Response(response: 409, description: 'I am at work on an examination without it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(): Response
    {
        return new Response(status: 204);
    }
}
