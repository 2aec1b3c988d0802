<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Fault\Fault;
use LampThread\Message\Message;
use LampThread\Proof\Finding\Figure;

/** What one fault does over every state it can happen in. */
final readonly class FaultOutcome
{
    public FaultKind $kind;

    /**
     * @param  string  $part  component or wire; its id
     * @param  string  $place  the same over all versions of a job: the id of a part, the two ends of a wire
     * @param  Message  $name  what it is called
     * @param  Figure|null  $figure  the number that put it where it stands; null where nothing comes of it
     * @param  non-empty-list<Message>  $effects  what comes of it
     * @param  int|null  $shownBy  number of the state that shows it worst; null where none does
     * @param  array{fuse: string, soonestS: float, latestS: float}|null  $opens  mark of the fuse that opens, and by when it has surely opened:
     *                                                                            where it carries most, and where it carries least; INF for never
     * @param  float  $airShare  air that is left when it is hottest, of what there was
     * @param  float  $drainA  drawn with the key out, more than before, A
     * @param  list<string>  $loses  what no longer makes a fan run, values of Demand
     * @param  bool|null  $overrideSaves  whether the driver can still make a fan run; null where there is nothing to save, or no override
     * @param  float|null  $boilsS  until the coolant boils, standing in a queue, s; null where it does not, or no air is lost
     * @param  int  $states  states in which it changes anything
     */
    public function __construct(
        public string $part,
        public string $place,
        public string $mark,
        public Message $name,
        public Fault $fault,
        public Harm $harm,
        public ?Figure $figure,
        public array $effects,
        public ?int $shownBy,
        public ?array $opens,
        public float $airShare,
        public float $drainA,
        public array $loses,
        public ?bool $overrideSaves,
        public Notice $notice,
        public ?float $boilsS,
        public int $states,
    ) {
        $this->kind = $fault->kind;
    }

    /** Which fault it is, over all versions of a job: a joint is one, however far it has failed. */
    public function key(): string
    {
        return $this->place.'/'.(! $this->fault->isJoint() ? $this->kind->value : 'joint');
    }
}
