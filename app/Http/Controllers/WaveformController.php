<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WaveformRequest;
use Illuminate\Http\JsonResponse;
use Lernfall\Format\WaveformCsv;
use Lernfall\Signal\TraceAnalysis;
use OpenApi\Attributes as OA;

/** Measures a waveform captured elsewhere, so that it can be laid beside one from the bay. Nothing of it is kept. */
#[OA\Schema(schema: 'MeasuredWaveform', required: ['trace', 'hertz', 'peakToPeakVolts', 'meanVolts', 'gaps', 'missingPerGap', 'teethPerTurn'], properties: [
    new OA\Property(property: 'trace', ref: '#/components/schemas/ShownTrace'),
    new OA\Property(property: 'hertz', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'peakToPeakVolts', type: 'number'),
    new OA\Property(property: 'meanVolts', type: 'number'),
    new OA\Property(property: 'gaps', type: 'integer'),
    new OA\Property(property: 'missingPerGap', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'teethPerTurn', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
])]
final readonly class WaveformController
{
    /** The screen is this many steps high, either way from its middle. */
    private const GREATEST_STEP = 100;

    private const GREATEST_SAMPLES_SHOWN = 2000;

    #[OA\Post(path: '/api/waveforms', operationId: 'measureWaveform', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/WaveformText')), responses: [
        new OA\Response(response: 200, description: 'each input, drawn and measured', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/MeasuredWaveform'))),
        new OA\Response(response: 422, description: 'not a waveform', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(WaveformRequest $request): JsonResponse
    {
        $waveform = WaveformCsv::read($request->string('csv')->toString());

        return new JsonResponse(array_map(fn (array $volts): array => $this->measured($volts, $waveform->secondsPerSample), $waveform->inputs));
    }

    /**
     * @param  non-empty-list<float>  $volts
     * @return array<string, mixed>
     */
    private function measured(array $volts, float $secondsPerSample): array
    {
        $analysis = TraceAnalysis::of($volts, $secondsPerSample);
        $every = (int) ceil(count($volts) / self::GREATEST_SAMPLES_SHOWN);
        $step = max(max(array_map(abs(...), $volts)), 1e-6) / (self::GREATEST_STEP * 0.9);
        $shown = array_values(array_filter($volts, static fn (int $sample): bool => $sample % $every === 0, ARRAY_FILTER_USE_KEY));

        return [
            'trace' => [
                'steps' => array_map(static fn (float $one): int => (int) round($one / $step), $shown),
                'secondsPerSample' => $secondsPerSample * $every,
                'voltsPerStep' => $step,
            ],
            'hertz' => $analysis->hertz,
            'peakToPeakVolts' => $analysis->peakToPeakVolts,
            'meanVolts' => $analysis->meanVolts,
            'gaps' => $analysis->gaps,
            'missingPerGap' => $analysis->missingPerGap,
            'teethPerTurn' => $analysis->teethPerTurn,
        ];
    }
}
