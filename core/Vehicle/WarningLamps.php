<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What a module does with the lamps. */
final readonly class WarningLamps
{
    /**
     * @param  list<string>  $onFault  lit while a code asks for it
     * @param  list<string>  $alsoLost  what a text display says by turns besides: "hill-hold", "cruise"
     * @param  ?int  $distributionLostFrom  with this many wheels not to be relied on, brake-force distribution is lost too and the red lamp says so; null where it never is
     * @param  bool  $litInSession  lit while a scan tool holds the module
     */
    public function __construct(public array $onFault, public LampOut $out = LampOut::Passed, public bool $litInSession = false, public array $alsoLost = [], public ?int $distributionLostFrom = null)
    {
    }
}
