<?php

declare(strict_types=1);

namespace Tests\Hostile;

use Illuminate\Support\Str;
use Lernfall\Chance\Draw;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;
use Tests\Recorded\DrawnJob;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Actions that nobody thought of, drawn from the published schema, one after the other on every car: each is answered, by what it shows or by a sentence. */
final class AnyActionTest extends FeatureTestCase
{
    /** Of each car: in the usual run, and in a thorough one. */
    private const ACTIONS = [24, 400];

    /** @return array<string, array{string}> */
    public static function cars(): array
    {
        return array_combine(DrawnJob::CARS, array_map(static fn (string $car): array => [$car], DrawnJob::CARS));
    }

    #[DataProvider('cars')]
    public function test_every_action_is_answered(string $car): void
    {
        $attempt = $this->attempt($this->published(['kind' => 'loom-open', 'channel' => Workbench::vehicle($car)->channelIds()[0], 'conductor' => '1'], $car));
        $drawn = new DrawnFromSchema(new Draw("any action, $car"), $this->texts($car));
        $kinds = $this->kinds();
        $statuses = [];
        for ($number = 0; $number < self::ACTIONS[Sweep::isThorough() ? 1 : 0]; $number++) {
            $action = $this->readied($drawn->value($kinds[$number % count($kinds)]));
            $answer = $this->act($attempt, $action, key: (string) Str::uuid());
            $what = json_encode($action);
            self::assertContains($answer->getStatusCode(), [200, 413, 422], "$car: $what: {$answer->getContent()}");
            self::assertNotSame('', $answer->json($answer->isOk() ? 'step.action.do' : 'message') ?? '', "$car: $what");
            $statuses[$answer->getStatusCode()] = ($statuses[$answer->getStatusCode()] ?? 0) + 1;
        }

        self::assertGreaterThan(4, $statuses[200] ?? 0, 'most of it means something');
        self::assertGreaterThan(0, $statuses[422] ?? 0);
        self::assertSame($statuses[200] ?? 0, $attempt->actions()->count(), 'what was answered is stored, and nothing else');
        $this->getJson("/api/attempts/$attempt->id")->assertOk();
    }

    /** @return list<array<string, mixed>> the schema of each action but the closing one, in an order by lot */
    private function kinds(): array
    {
        $kinds = array_filter((array) Workbench::json('docs/schemas/action.schema.json')['$defs'], static fn (mixed $one): bool => is_array($one) && isset($one['properties']['do']) && $one['properties']['do']['const'] !== 'conclude');
        ksort($kinds);
        usort($kinds, static fn (array $one, array $other): int => crc32((string) json_encode($one)) <=> crc32((string) json_encode($other)));

        return $kinds;
    }

    /** @return list<string> names of its channels, plugs and pads, and what stands in codes and readings */
    private function texts(string $car): array
    {
        $texts = ['reading', 'none', 'C0040', 'loom', 'sensor', 'open', 'body', 'battery.positive', 'feed.supply', 'feed.ground', 'pump', 'car', 'module-plug', 'ABS', ''];
        foreach (Workbench::vehicle($car)->channelIds() as $channel) {
            array_push($texts, $channel, "$channel.sensor-plug", "$channel.module-plug.wheel.1", "$channel.module-plug.wheel.2", "$channel.sensor-plug.wheel.1", "valves.$channel");
        }

        return $texts;
    }

    /** @return array<array-key, mixed> an action in form at least: what is none is sent by BodiesTest */
    private function readied(mixed $action): array
    {
        return is_array($action) ? $action : ['do' => $action];
    }
}
