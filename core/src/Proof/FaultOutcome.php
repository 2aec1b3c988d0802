<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\FaultKind;

/** What one fault does over every state it can happen in. */
final readonly class FaultOutcome
{
    /**
     * @param  string  $part  component or wire
     * @param  string  $words  what comes of it, in the trade's words
     * @param  int|null  $shownBy  number of the state that shows it worst; null where none does
     * @param  string|null  $opens  fuse that opens
     * @param  float|null  $opensS  the time by which it has surely opened, s
     * @param  float  $airShare  air that is left when it is hot, of what there was
     * @param  float  $drainA  drawn with the key out, more than before, A
     * @param  list<string>  $loses  what no longer makes a fan run: temperature, air conditioning, override, after-run
     * @param  bool|null  $overrideSaves  whether the driver can still make a fan run; null where there is nothing to save, or no override
     * @param  bool  $isNoticed  whether something is seen or heard of it before it is hot
     * @param  int  $states  states in which it changes anything
     */
    public function __construct(
        public string $part,
        public FaultKind $kind,
        public Harm $harm,
        public string $words,
        public ?int $shownBy,
        public ?string $opens,
        public ?float $opensS,
        public float $airShare,
        public float $drainA,
        public array $loses,
        public ?bool $overrideSaves,
        public bool $isNoticed,
        public int $states,
    ) {}
}
