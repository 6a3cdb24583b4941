<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** Where practitioners disagree: by which school a job is marked. */
final readonly class Schools
{
    public function __construct(
        public FirstTest $firstTest = FirstTest::Free,
        public Comparing $comparing = Comparing::Free,
        public OhmsOnActive $ohmsOnActive = OhmsOnActive::Weak,
        public TwoRepairs $twoRepairs = TwoRepairs::CauseOpen,
        public LampOut $lampOut = LampOut::ReadAgain,
        public CorrodedPlug $corrodedPlug = CorrodedPlug::Clean,
    ) {
    }
}
