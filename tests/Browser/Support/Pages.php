<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Every page there is, for the checks that hold for all of them. */
final readonly class Pages
{
    /** @return array<string, array{string, string, list<string>}> sign-in name, path, tabs to open */
    public static function all(): array
    {
        return [
            'sign-in' => ['', '/sign-in', []],
            'join' => ['', '/join', []],
            'jobs' => ['cem', '/jobs', []],
            'bay' => ['cem', '/bay/3', ['Meter', 'Scope', 'Leads', 'Scan', 'Brakes', 'Eyes', 'Hands', 'Sheet']],
            'handbook' => ['arlo', '/handbook', ['Tests', 'On the road', 'What can be wrong']],
            'lab' => ['arlo', '/lab', []],
            'road lab' => ['arlo', '/lab/road', []],
            'report' => ['arlo', '/report/1', []],
            'a drive looked into' => ['kessel', '/report/1/road/1', []],
            'cases' => ['kessel', '/cases', []],
            'bench' => ['kessel', '/cases/2', []],
            'new case' => ['kessel', '/cases/new', []],
            'attempts' => ['kessel', '/cases/1/attempts', []],
            'log' => ['amsel', '/log', []],
            'signed in' => ['kessel', '/sign-ins', []],
            'people' => ['kessel', '/people', []],
            'people from a file' => ['kessel', '/people/roster', []],
            'sign-in cards' => ['kessel', '/people/cards', []],
            'marks' => ['kessel', '/marks', []],
            'account' => ['cem', '/account', []],
            'what is kept' => ['cem', '/kept', []],
            'own progress' => ['arlo', '/progress', []],
            'progress of a group' => ['kessel', '/groups/1/progress', []],
            'start a lesson' => ['kessel', '/lesson', []],
            'own cars' => ['kessel', '/vehicles', []],
        ];
    }

    /** @return list<string> paths of main.tsx that no page of the list is at */
    public static function missing(): array
    {
        preg_match_all('~path="(/[^"]+)"~', (string) file_get_contents(dirname(__DIR__, 3).'/resources/js/main.tsx'), $routes);
        $isThere = static fn (string $route): bool => array_filter(self::all(), static fn (array $page): bool => preg_match('~^'.preg_replace('~:\w+~', '\d+', $route).'$~', $page[1]) === 1) !== [];

        return array_values(array_filter($routes[1], static fn (string $route): bool => ! $isThere($route)));
    }
}
