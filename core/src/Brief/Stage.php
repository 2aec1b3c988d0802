<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Fans that start together, what decides that they do, and which side of their coils it switches. */
final readonly class Stage
{
    /**
     * @param  non-empty-list<string>  $fanIds
     * @param  bool  $sharesRelay  one relay for all its fans, instead of one each
     * @param  list<Decider>  $parallel  what runs it too, each by itself, joined to the same trigger
     * @param  int|null  $parallelNumber  which of another stage's parallel deciders it stands for, from 1; null for a stage of the job
     */
    public function __construct(
        public string $id,
        public array $fanIds,
        public Side $side,
        public Decider $decider,
        public bool $sharesRelay,
        public array $parallel = [],
        public RelayLead $relayLead = RelayLead::Plus,
        public ?int $parallelNumber = null,
    ) {}

    /** @return non-empty-list<self> itself, and one more for each decider in parallel, with an id of its own and that decider alone */
    public function deciding(): array
    {
        $stages = [$this];
        foreach ($this->parallel as $at => $decider) {
            $stages[] = new self(
                "{$this->id}-parallel-".($at + 1), $this->fanIds, $this->side, $decider, $this->sharesRelay, [], $this->relayLead, $at + 1,
            );
        }

        return $stages;
    }
}
