<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Writes down what an earlier step showed.
 *
 * @extends BaseProcedure<WriteReading>
 */
final readonly class WriteReadingProcedure extends BaseProcedure
{
    public function name(): string
    {
        return 'write-reading';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Write down what an earlier step showed')
            ->with('of', Setting::integer('Number of the step that showed it', ['minimum' => 1]))
            ->with('feature', Setting::text('Which of the things it showed, for example reading or FR.speed; between.hertz.250.750 for what lies between cursors at thousandths of the screen'))
            ->with('value', ['type' => ['number', 'null']])
            ->with('unit', Setting::words([...array_map(static fn (WrittenUnit $unit): string => $unit->value, WrittenUnit::cases()), '']))
            ->with('word', Setting::text('"open" for an overload, or what was seen', ['maxLength' => 40]))
            ->with('judgement', Setting::choice(Judgement::class))
            ->with('comparedWith', Setting::text('', ['maxLength' => 120]))
            ->orWith('further', Setting::list(Setting::text(), ['maxItems' => 8], 'Words beside the first, of a look'));
    }

    public function example(): array
    {
        return ['of' => 3, 'feature' => 'reading', 'value' => 1.34, 'unit' => 'kΩ', 'word' => '', 'judgement' => 'in', 'comparedWith' => 'the other side'];
    }

    public function decode(Node $node): Action
    {
        return new WriteReading(
            $node->int('of'),
            $node->text('feature'),
            $node->isNull('value') ? null : $node->float('value'),
            $node->text('unit'),
            $node->text('word'),
            $node->choice('judgement', Judgement::class),
            $node->text('comparedWith'),
            $node->has('further') ? $node->texts('further') : [],
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        $step = $job->step($action->of);
        if ($step === null || ! array_key_exists($action->feature, $step->observation->values) && $step->observation->number($action->feature) === null) {
            throw UnfitAction::showedNothing('of');
        }
        if ($action->value === null && $action->word === '') {
            throw UnfitAction::nothingWritten();
        }
        $this->checkFurther($action, $step);
        $shown = $step->observation->number($action->feature);
        if ($action->value !== null && ($shown === null || WrittenUnit::tryFrom($action->unit)?->quantity() !== $shown->unit)) {
            throw UnfitAction::wrongUnit($action->unit);
        }
    }

    /** @throws UnfitAction where a word does not belong to the place looked at */
    private function checkFurther(WriteReading $action, Step $step): void
    {
        $at = $step->action instanceof LookAt && $action->feature === 'sight' ? $step->action->at->value : '';
        foreach ($action->further as $word) {
            if (! in_array($word, [...Vocabulary::SIGHTS[$at] ?? [], Vocabulary::HARMLESS[$at] ?? ''], true)) {
                throw UnfitAction::unknown('further', $word);
            }
        }
    }
}
