<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Http\Requests\CaseRequest;
use App\Http\Resources\PreviewResource;
use Illuminate\Http\JsonResponse;
use Lernfall\Evidence\Portrait\PortraitPictures;
use Lernfall\Evidence\Preview\Preview;
use Lernfall\Fault\Fault;
use OpenApi\Attributes as OA;

final readonly class PreviewController
{
    #[OA\Post(path: '/api/case-preview', operationId: 'previewCase', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CaseFields')), responses: [
        new OA\Response(response: 200, description: 'what an apprentice will meet', content: new OA\JsonContent(ref: '#/components/schemas/Preview')),
        new OA\Response(response: 422, description: 'the case cannot be read', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(CaseRequest $request, ContentLibrary $library, SchemaCheck $schemas): JsonResponse
    {
        $case = $library->caseReader()->read($request->document($library, $schemas))->case;

        $simulator = $library->simulator();
        $pictures = array_map(static fn (Fault $one): array => (new PortraitPictures($simulator))->of($one, $case->sound, $one->channel), $case->faults);

        return new JsonResponse(PreviewResource::of(Preview::of($case, $simulator), array_merge(...$pictures)));
    }
}
