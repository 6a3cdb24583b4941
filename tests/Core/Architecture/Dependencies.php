<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which class of the core names which other, read from its files. */
final readonly class Dependencies
{
    /** @param  array<string, list<string>>  $of  classes named, by class */
    private function __construct(public array $of)
    {
    }

    public static function ofTheCore(): self
    {
        $files = self::sources();
        $of = [];
        foreach ($files as $class => $code) {
            $of[$class] = self::named($class, $code, $files);
        }

        return new self($of);
    }

    /** @return array<string, string> the code of each class of the core */
    public static function sources(): array
    {
        $root = dirname(__DIR__, 3).'/core';
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $files['Lernfall\\'.str_replace('/', '\\', substr($file->getPathname(), strlen($root) + 1, -4))] = (string) file_get_contents($file->getPathname());
            }
        }
        ksort($files);

        return $files;
    }

    /** @return list<list<string>> groups of classes each of which leads to every other, largest first */
    public function circles(): array
    {
        return self::groups($this->of);
    }

    /**
     * The same among folders.
     *
     * @param  callable(string): string  $folder  of a class; "" leaves it aside
     * @return list<list<string>>
     */
    public function circlesOf(callable $folder): array
    {
        $of = [];
        foreach ($this->of as $class => $named) {
            $from = $folder($class);
            $of[$from] = array_values(array_unique([...$of[$from] ?? [], ...array_diff(array_map($folder, $named), [$from, ''])]));
        }
        unset($of['']);

        return self::groups($of);
    }

    /**
     * @param  array<string, string>  $files
     * @return list<string>
     */
    private static function named(string $class, string $code, array $files): array
    {
        $namespace = substr($class, 0, (int) strrpos($class, '\\'));
        $imports = [];
        $names = [];
        $tokens = array_values(array_filter(PhpToken::tokenize($code), static fn (PhpToken $token): bool => ! $token->isIgnorable()));
        foreach ($tokens as $index => $token) {
            $before = $tokens[$index - 1] ?? null;
            if ($token->is(T_NAME_QUALIFIED) && $before?->is(T_USE) === true) {
                $imports[substr($token->text, (int) strrpos('\\'.$token->text, '\\'))] = $token->text;
            } elseif ($token->is(T_STRING) && $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_CONST, T_CASE]) !== true) {
                $names[] = $imports[$token->text] ?? "$namespace\\$token->text";
            }
        }

        return array_values(array_filter(array_unique($names), static fn (string $name): bool => $name !== $class && isset($files[$name])));
    }

    /**
     * Strongly connected groups of more than one (Tarjan 1972, "Depth-first search and linear graph algorithms").
     *
     * @param  array<string, list<string>>  $of
     * @return list<list<string>>
     */
    private static function groups(array $of): array
    {
        /** @var array<string, int> $index */
        $index = [];
        /** @var array<string, int> $low */
        $low = [];
        /** @var array<string, true> $stack */
        $stack = [];
        /** @var list<list<string>> $groups */
        $groups = [];
        $visit = static function (string $node) use (&$visit, &$index, &$low, &$stack, &$groups, $of): void {
            $index[$node] = $low[$node] = count($index);
            $stack[$node] = true;
            foreach ($of[$node] ?? [] as $next) {
                if (! isset($index[$next])) {
                    $visit($next);
                    $low[$node] = min($low[$node], $low[$next]);
                } elseif (isset($stack[$next])) {
                    $low[$node] = min($low[$node], $index[$next]);
                }
            }
            if ($low[$node] === $index[$node]) {
                $group = [];
                do {
                    $last = (string) array_key_last($stack);
                    unset($stack[$last]);
                    $group[] = $last;
                } while ($last !== $node);
                $groups[] = $group;
            }
        };
        foreach (array_keys($of) as $node) {
            isset($index[$node]) ?: $visit($node);
        }
        $circles = array_values(array_filter($groups, static fn (array $group): bool => count($group) > 1));
        usort($circles, static fn (array $one, array $other): int => count($other) <=> count($one));

        return $circles;
    }
}
