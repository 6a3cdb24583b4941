<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionProperty;
use SplFileInfo;

/**
 * Jobs under way are kept as objects of the core. Read into classes that look otherwise they would be half empty, so what is kept has a number that goes up with every change of their
 * properties: FORMAT of App\Attempts\KeptSteps and of App\Attempts\FollowedJobs.
 */
final class KeptShapesTest extends TestCase
{
    /** Of all properties as they are under these numbers. When it differs: raise both numbers, then write the new one here. */
    private const SHAPES = 'e7856cbe407f1d08a52f3306788ffb46';

    public function test_what_is_kept_has_another_number_when_classes_look_otherwise(): void
    {
        $shapes = [];
        $root = dirname(__DIR__, 3).'/core';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            $class = 'Lernfall'.strtr(substr($file->getPathname(), strlen($root), -4), '/', '\\');
            if ($file->getExtension() === 'php' && class_exists($class)) {
                $properties = array_filter((new ReflectionClass($class))->getProperties(), static fn (ReflectionProperty $one): bool => ! $one->isStatic());
                $shapes[$class] = array_map(static fn (ReflectionProperty $one): string => $one->getType().' '.$one->getName(), array_values($properties));
            }
        }
        ksort($shapes);

        self::assertGreaterThan(500, count($shapes));
        self::assertSame(self::SHAPES, hash('xxh128', serialize($shapes)), 'Raise FORMAT of KeptSteps and FollowedJobs, then write this hash into the test.');
    }
}
