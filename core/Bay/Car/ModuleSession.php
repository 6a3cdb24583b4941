<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** How the module is being spoken to: by a scan tool, by its check connector, by the pedal. */
final readonly class ModuleSession
{
    /**
     * @param  bool  $inSession  a scan tool holds the module
     * @param  bool  $connectorOpen  the check connector
     * @param  bool  $checkMode  its speed-sensor check mode is on
     * @param  int  $presses  of the pedal since the key was turned on
     * @param  list<string>  $findings  codes of the check mode
     * @param  bool  $checked  the check drive has been made in this mode
     */
    private function __construct(
        public bool $inSession,
        public bool $connectorOpen,
        public bool $checkMode,
        public int $presses,
        public array $findings,
        public bool $checked,
    ) {
    }

    public static function none(): self
    {
        return new self(false, false, false, 0, [], false);
    }

    public function inSession(bool $held): self
    {
        return new self($held, $this->connectorOpen, $this->checkMode, $this->presses, $this->findings, $this->checked);
    }

    public function withConnector(bool $open): self
    {
        return new self($this->inSession, $open, $this->checkMode, $this->presses, $this->findings, $this->checked);
    }

    public function pressed(int $times): self
    {
        return new self($this->inSession, $this->connectorOpen, $this->checkMode, $this->presses + $times, $this->findings, $this->checked);
    }

    public function checking(): self
    {
        return new self($this->inSession, $this->connectorOpen, true, 0, [], false);
    }

    /** What the check mode has found vanishes with it. */
    public function leftCheckMode(): self
    {
        return new self($this->inSession, $this->connectorOpen, false, $this->presses, [], false);
    }

    /** @param  list<string>  $findings */
    public function found(array $findings): self
    {
        return new self($this->inSession, $this->connectorOpen, $this->checkMode, $this->presses, $findings, true);
    }

    /** Only the connector stays as it is. */
    public function keyTurnedOff(): self
    {
        return new self(false, $this->connectorOpen, false, 0, [], false);
    }
}
