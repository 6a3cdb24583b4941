<?php

declare(strict_types=1);

namespace App\Console;

use App\Accounts\DemoAccounts;
use App\Accounts\Memberships;
use App\Models\Assignment;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use CurlHandle;
use CurlMultiHandle;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** A whole class at work at once: everybody acts every few seconds and looks for news, each at times of their own, whatever the server does. */
final class BenchLoad extends Command
{
    protected $signature = 'bench:load {address : of a server with the demo data} {--people=60} {--seconds=40 : for each pace}';

    protected $description = 'Measure how long answers take while a class is at work, and how much the server holds';

    /** Seconds from one action of a person to the next: as a class works, then faster and faster. */
    private const PACES = [5.0, 2.5, 1.7, 1.2, 0.9, 0.7, 0.5, 0.35];

    private const MOST_MILLISECONDS = 300.0;

    private const NEWS_EVERY_SECONDS = 5.0;

    /** Answered at once; what is answered on a grid of time takes as long as that. */
    private const ACTIONS = [['do' => 'look-at-lamps'], ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'], ['do' => 'prove-meter'], ['do' => 'look-up-data-sheet'], ['do' => 'parking-brake']];

    public function handle(Memberships $memberships): int
    {
        $visitors = $this->visitors($memberships, (int) $this->option('people'));
        $held = 0.0;
        foreach (self::PACES as $pace) {
            [$actions, $news, $failed] = $this->watched($visitors, $pace, (float) $this->option('seconds'));
            $perSecond = count($visitors) / $pace;
            $this->line(sprintf('%9.0f ms  at the 95th percentile (%.0f in the median), %d people acting every %.2f s: %.1f actions a second, %d of %d refused; news %.0f ms', self::quantile($actions, 0.95), self::quantile($actions, 0.5), count($visitors), $pace, $perSecond, $failed, count($actions), self::quantile($news, 0.95)));
            if (self::quantile($actions, 0.95) > self::MOST_MILLISECONDS) {
                break;
            }
            $held = $perSecond;
        }
        $this->line(sprintf('%9.1f     actions a second is the most it was seen to hold below %.0f ms', $held, self::MOST_MILLISECONDS));

        return self::SUCCESS;
    }

    /** @return list<array{cookie: string, attempt: int, number: int}> each signed in, with a job of their own */
    private function visitors(Memberships $memberships, int $count): array
    {
        $group = Group::query()->firstOrFail();
        $assignment = Assignment::query()->orderBy('id')->firstOrFail();
        $visitors = [];
        for ($person = 1; $person <= $count; $person++) {
            $user = User::query()->create(['sign_in' => "load$person", 'name' => "Load $person", 'role' => Role::Apprentice, 'password' => DemoAccounts::PASSWORD]);
            $memberships->join($user, $group);
            $visitor = new BenchVisitor($this->argument('address'));
            $visitor->ask('POST', '/api/session', ['name' => "load$person", 'password' => DemoAccounts::PASSWORD]);
            $attempt = $visitor->ask('POST', "/api/jobs/$assignment->id/attempt")['attempt'];
            $visitors[] = ['cookie' => $visitor->cookie(), 'attempt' => is_int($attempt) ? $attempt : 0, 'number' => 0];
        }

        return $visitors;
    }

    /**
     * @param  list<array{cookie: string, attempt: int, number: int}>  $visitors
     * @return array{list<float>, list<float>, int} milliseconds of actions and of news, and how many were refused
     */
    private function watched(array &$visitors, float $pace, float $seconds): array
    {
        $many = curl_multi_init();
        $begun = microtime(true);
        $due = array_map(static fn (): array => ['act' => $begun + lcg_value() * $pace, 'news' => $begun + lcg_value() * self::NEWS_EVERY_SECONDS], $visitors);
        $open = [];
        $taken = ['act' => [], 'news' => []];
        $failed = 0;
        do {
            $now = microtime(true);
            foreach ($now - $begun < $seconds ? array_keys($visitors) : [] as $who) {
                foreach (['act' => $pace, 'news' => self::NEWS_EVERY_SECONDS] as $what => $every) {
                    if ($now >= $due[$who][$what] && ! isset($open["$what $who"])) { // nobody acts again before the answer is there
                        $due[$who][$what] = max($now, $due[$who][$what] + $every);
                        $open["$what $who"] = $this->asked($many, $visitors[$who], $what);
                    }
                }
            }
            curl_multi_exec($many, $running);
            while (($done = curl_multi_info_read($many)) !== false) {
                $name = (string) array_search($done['handle'], $open, true);
                unset($open[$name]);
                $taken[strtok($name, ' ') === 'act' ? 'act' : 'news'][] = curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME_T) / 1000.0;
                $failed += curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
                curl_multi_remove_handle($many, $done['handle']);
            }
            curl_multi_select($many, 0.005);
        } while ($open !== [] || microtime(true) - $begun < $seconds);

        return [$taken['act'], $taken['news'], $failed];
    }

    /** @param  array{cookie: string, attempt: int, number: int}  $visitor */
    private function asked(CurlMultiHandle $many, array &$visitor, string $what): CurlHandle
    {
        $one = curl_init($this->argument('address')."/api/attempts/$visitor[attempt]/".($what === 'act' ? 'actions' : 'news'));
        assert($one !== false && $visitor['cookie'] !== '');
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => $visitor['cookie'], CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'Expect:']]);
        if ($what === 'act') {
            $number = ++$visitor['number'];
            curl_setopt($one, CURLOPT_POSTFIELDS, json_encode(['key' => Str::uuid()->toString(), 'number' => $number, 'action' => self::ACTIONS[$number % count(self::ACTIONS)]], JSON_THROW_ON_ERROR));
        }
        curl_multi_add_handle($many, $one);

        return $one;
    }

    /** @param  list<float>  $all */
    private static function quantile(array $all, float $share): float
    {
        sort($all);

        return $all === [] ? 0.0 : $all[(int) min(count($all) - 1, floor($share * count($all)))];
    }
}
