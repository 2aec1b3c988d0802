<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Feed;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A place of the vehicle that is live at all times, and the vehicle's lead from the battery to it. */
final readonly class FeedPoint extends Component
{
    /** From the battery's main cable to a stud of the fuse box, Ω (common practice, no source). */
    private const STUD_OHM = 0.003;

    private float $leadOhm;

    /** @param  float  $cableOhm  from the battery to the starter, Ω */
    public function __construct(Feed $feed, string $mark, float $cableOhm)
    {
        parent::__construct($feed->value, $mark, Message::of("component.feed.{$feed->value}"));
        $this->leadOhm = $cableOhm + ($feed === Feed::FuseBoxStud ? self::STUD_OHM : 0.0);
    }

    public function terminalOut(): string
    {
        return $this->terminal('30');
    }

    public function termination(string $number): Termination
    {
        return Termination::Stud;
    }

    public function paths(): array
    {
        return [new ConductionPath(Rail::SUPPLY, $this->terminal('30'), Symbol::BodyThread)];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, Rail::SUPPLY, $this->terminal('30'), $this->leadOhm)];
    }
}
