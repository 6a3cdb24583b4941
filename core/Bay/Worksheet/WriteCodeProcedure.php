<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Module\InvalidCode;
use Lernfall\Module\StandardCode;

/**
 * Writes a code down.
 *
 * @extends BaseProcedure<WriteCode>
 */
final readonly class WriteCodeProcedure extends BaseProcedure
{
    private const STATUSES = ['present', 'pending', 'history', ''];

    /** Of the maker: decimal, or hexadecimal with four digits. */
    private const OWN_NUMBER = '~^(\d{3,5}|[0-9A-F]{4})$~';

    private const FAILURE_TYPE = '~^[0-9A-F]{2}$~';

    public function name(): string
    {
        return 'write-code';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Write a code down; "none" where none is stored')
            ->with('code', Setting::text('as the scan tool writes it, or the digits the lamp blinks', ['pattern' => '^([PCBU][0-3][0-9A-F]{3}(-[0-9A-F]{2})?|[0-9A-F]{4}|[0-9]{1,5}|none)$']))
            ->with('status', Setting::words(self::STATUSES))
            ->orWith('change', Setting::choice(CodeChange::class, 'What became of it since parts changed places, were joined or tried; one that is gone is written with the status it had, or as "none"'));
    }

    public function example(): array
    {
        return ['code' => 'C0040-13', 'status' => 'present'];
    }

    public function decode(Node $node): Action
    {
        return new WriteCode($node->text('code'), $node->word('status', self::STATUSES), $node->has('change') ? $node->choice('change', CodeChange::class) : null);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($action->code === Vocabulary::NO_CODE) {
            return;
        }
        $digits = $job->sound()->module->lampCodes?->digits;
        if ($digits !== null) {
            if (preg_match('~^[1-9]{'.$digits.'}$~', $action->code) !== 1) {
                throw UnfitAction::notALampCode($action->code, $digits);
            }

            return;
        }
        if (preg_match(self::OWN_NUMBER, $action->code) !== 1) {
            $this->standard($action->code);
        }
    }

    /** As the car shows them: a base with or without failure type. */
    private function standard(string $code): void
    {
        [$base, $failureType] = [...explode('-', $code, 2), '00'];
        try {
            StandardCode::fromText($base);
        } catch (InvalidCode) {
            throw UnfitAction::notACode($code);
        }
        if (preg_match(self::FAILURE_TYPE, $failureType) !== 1) {
            throw UnfitAction::notACode($code);
        }
    }
}
