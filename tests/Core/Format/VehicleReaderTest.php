<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Format\VehicleReader;
use Lernfall\Vehicle\Body;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;

final class VehicleReaderTest extends TestCase
{
    public function test_an_error_names_the_path_and_what_was_expected(): void
    {
        $document = $this->document();
        $document['channels']['FR']['ring']['teeth'] = 'many';

        $this->expectExceptionObject(InvalidDocument::expected('/channels/FR/ring/teeth', 'whole-number', 'many'));
        VehicleReader::read($document);
    }

    public function test_an_unknown_tyre_marking_is_refused(): void
    {
        $document = $this->document();
        $document['tyre']['size'] = 'wide';

        self::assertStringStartsWith('/tyre/size: expected a tyre size such as 195/55 R15', Sentences::ofRefused(static fn () => VehicleReader::read($document)));
    }

    public function test_what_it_looks_like_is_said_by_its_data_and_else_by_its_layout(): void
    {
        self::assertSame(Body::Saloon, VehicleReader::read($this->document())->model->build->body);
        $older = array_diff_key($this->document(), ['body' => true]);
        self::assertSame(Body::Hatchback, VehicleReader::read($older)->model->build->body);
        self::assertSame(Body::Trailer, VehicleReader::read(['layout' => 'trailer'] + $older)->model->build->body);
        self::assertStringStartsWith('/body: expected one of', Sentences::ofRefused(fn () => VehicleReader::read(['body' => 'coupe'] + $this->document())));
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 3).'/core/Vehicle/BuiltIn/harl-13.json'), true, 64, JSON_THROW_ON_ERROR);
    }
}
