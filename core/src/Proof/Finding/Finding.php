<?php

declare(strict_types=1);

namespace LampThread\Proof\Finding;

use LampThread\Brief\Acceptance;
use LampThread\Message\Message;
use LampThread\Message\Quantity;

/** One thing about a design that its builder should know, with the numbers that show it. Its title and reason are texts of its code. */
final readonly class Finding
{
    /**
     * @param  string  $code  stable name of the rule
     * @param  string  $subject  id of the component, wire or group of wires it is about
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  array<string, Quantity|Message|string|int|float|bool|list<Message|string>>  $params  of its title and reason
     * @param  list<Figure>  $figures
     * @param  list<Remedy>  $remedies
     * @param  int|null  $shownBy  number of a proven state that shows it
     * @param  array<string, string>  $faults  part to how it is broken there
     * @param  Message|null  $reason  where the text of its code does not do
     * @param  list<self>  $consequences  what the same cause brings with it
     * @param  Acceptance|null  $accepted  why it stands all the same
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $subject,
        public string $briefPath,
        private array $params = [],
        public array $figures = [],
        public array $remedies = [],
        public ?int $shownBy = null,
        public array $faults = [],
        private ?Message $reason = null,
        public array $consequences = [],
        public ?Acceptance $accepted = null,
    ) {}

    public function title(): Message
    {
        return Message::of("finding.{$this->code}.title", ...$this->params);
    }

    public function reason(): Message
    {
        return $this->reason ?? Message::of("finding.{$this->code}.reason", ...$this->params);
    }

    /** What a hand can do where no change of the job has been found to help. */
    public function byHand(): Message
    {
        return Message::of("finding.{$this->code}.by-hand");
    }

    /** The same for the same finding in two versions of a design. */
    public function key(): string
    {
        return "{$this->code}/{$this->subject}";
    }

    /** With what it brings folded under it; it is as bad as the worst of them. */
    public function bringing(self ...$consequences): self
    {
        $severity = $this->severity;
        foreach ($consequences as $one) {
            $severity = $one->severity->rank() < $severity->rank() ? $one->severity : $severity;
        }

        return $this->with(severity: $severity, consequences: [...$this->consequences, ...array_values($consequences)]);
    }

    /** @return list<self> what it brings, and what that brings */
    public function withEveryConsequence(): array
    {
        return array_merge(...array_map(static fn (self $one): array => [$one, ...$one->withEveryConsequence()], $this->consequences));
    }

    /** @param  list<Remedy>  $remedies */
    public function withRemedies(array $remedies): self
    {
        return $this->with(remedies: $remedies);
    }

    public function accepted(?Acceptance $accepted): self
    {
        return $this->with(accepted: $accepted);
    }

    /**
     * @param  list<Remedy>|null  $remedies
     * @param  list<self>|null  $consequences
     */
    private function with(?Severity $severity = null, ?array $remedies = null, ?array $consequences = null, ?Acceptance $accepted = null): self
    {
        return new self(
            $this->code, $severity ?? $this->severity, $this->subject, $this->briefPath, $this->params, $this->figures, $remedies ?? $this->remedies, $this->shownBy,
            $this->faults, $this->reason, $consequences ?? $this->consequences, $accepted ?? $this->accepted,
        );
    }
}
