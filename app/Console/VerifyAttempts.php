<?php

declare(strict_types=1);

namespace App\Console;

use App\Attempts\Replay;
use App\Models\Attempt;
use Illuminate\Console\Command;

final class VerifyAttempts extends Command
{
    protected $signature = 'attempts:verify {attempt? : the number of one; all where left out} {--observations : leave the marks aside}';

    protected $description = 'Do stored attempts again and flag those that would come out otherwise; ends with 1 where there are any';

    private const NO_SUCH = 2;

    public function handle(Replay $replay): int
    {
        $number = $this->argument('attempt');
        $attempts = Attempt::query()->with(['actions', 'version', 'markSheet'])->orderBy('id')->when($number !== null, static fn ($query) => $query->where('id', $number));
        if ($attempts->doesntExist() && $number !== null) {
            $this->getOutput()->getErrorStyle()->writeln("there is no attempt $number");

            return self::NO_SUCH;
        }
        $differing = 0;
        foreach ($attempts->lazy() as $attempt) {
            $check = $replay->of($attempt, $this->option('observations') !== true);
            $differing += (int) $check->differs();
            $this->line(sprintf(
                'attempt %d, %d steps: %s', $attempt->id, $attempt->actions->count(),
                $check->differs() ? trim(implode('; ', array_filter([
                    $check->steps === [] ? '' : 'steps '.implode(', ', $check->steps).' would show something else',
                    $check->marks === [] ? '' : implode(', ', $check->marks).' would be marked otherwise',
                ]))) : 'the same',
            ));
        }
        $this->line("$differing would come out otherwise");

        return $differing === 0 ? self::SUCCESS : self::FAILURE;
    }
}
