<?php

declare(strict_types=1);

namespace App\Design;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\FaultTables;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\EvaluatedProof;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Picks;
use LampThread\Exchange\ProofPresenter;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Proof\FaultPairs;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Findings;
use LampThread\Proof\Proof;
use LampThread\Proof\ProofSummary;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Sizing;

/**
 * Everything that follows from one content of a job file: each is worked out once, when it is first asked for. What takes long is kept
 * between requests under the content and the build.
 */
final class Design
{
    private ?Sizing $sizing = null;

    /** @var list<Finding>|null */
    private ?array $findings = null;

    private ?Proof $proof = null;

    /**
     * @param  array<string, mixed>  $file  as decoded by JobFile
     * @param  string  $key  of this content under this build
     */
    public function __construct(
        public readonly array $file,
        public readonly Brief $brief,
        public readonly VehicleState $state,
        public readonly string $key,
        private readonly JobFile $files,
        private readonly Shelf $shelf,
        private readonly Wording $wording,
        private readonly Kept $cache,
    ) {}

    /** Kept for the next request too: it is a megabyte, which a change need not wait for. */
    public function sizing(): Sizing
    {
        return $this->kept('sizing', $this->sized(...));
    }

    private function sized(): Sizing
    {
        $kept = $this->sizing === null ? $this->cache->get("sizing/{$this->key}") : null;

        return $this->sizing ??= $kept instanceof Sizing ? $kept : self::worked(fn (): Sizing => Sizing::of($this->brief, $this->shelf));
    }

    /** The sized circuit: far smaller than the sizing, and all that the bench needs. */
    public function circuit(): Circuit
    {
        return $this->sizing->circuit ?? $this->kept('circuit', fn (): Circuit => $this->sized()->circuit);
    }

    /** @return array{comes: list<string>, goes: list<string>}|null parts and wires that come, and of those found that go; null where nothing was found */
    public function altered(): ?array
    {
        if ($this->brief->found === null) {
            return null;
        }

        return $this->kept('altered', function (): array {
            $alteration = $this->sized()->alteration();

            return [
                'comes' => [...array_column($alteration->coming(), 'id'), ...array_column($alteration->wiresComing(), 'id')],
                'goes' => [...array_column($alteration->going(), 'id'), ...array_column($alteration->wiresGoing(), 'id')],
            ];
        });
    }

    /** @return list<Finding> of the sizes alone */
    public function findings(): array
    {
        return $this->findings ??= self::worked(fn (): array => Findings::of($this->sized()));
    }

    /** @return list<Message> titles of the findings of danger that nobody has accepted */
    public function dangers(): array
    {
        return $this->kept('dangers', fn (): array => array_values(array_map(static fn (Finding $finding): Message => $finding->title(), array_filter(
            $this->findings(), static fn (Finding $finding): bool => $finding->severity === Severity::Danger && $finding->accepted === null,
        ))));
    }

    /** @return array<string, Choice> by id */
    public function choices(): array
    {
        return $this->sized()->choices;
    }

    /** @return array<string, array{name: string, part: string, label: string}> what was chosen, by choice */
    public function sizes(): array
    {
        return $this->kept('sizes', fn (): array => array_map(
            fn (Choice $choice): array => [
                'name' => $this->wording->text($choice->name), 'part' => $choice->taken->part->id(), 'label' => $this->wording->text($choice->label()),
            ],
            array_filter($this->choices(), static fn (Choice $choice): bool => $choice->candidates !== []),
        ));
    }

    /** @return list<string> ids of the workshop's own parts that the file names: pinned, or there already as wire */
    public function ownParts(): array
    {
        $named = [...array_values($this->file['pinned'] ?? []), ...array_column($this->file['runs'] ?? [], 'conductor')];

        return array_values(array_unique(array_filter($named, fn (mixed $id): bool => is_string($id) && isset($this->shelf->own[$id]))));
    }

    /** JSON that fits schema/design.json. */
    public function answer(): string
    {
        return $this->kept('answer', fn (): string => self::json(DesignPresenter::of($this->sized(), $this->shelf, $this->wording, $this->findings())));
    }

    /** JSON that fits schema/form.json. */
    public function form(): string
    {
        return $this->kept('form', fn (): string => self::json($this->wording->worded(Picks::named(BriefForm::of($this->brief, $this->file, $this->state, $this->shelf)))));
    }

    /** JSON that fits schema/road-advice.json. */
    public function advice(): string
    {
        return $this->kept('advice', fn (): string => self::json($this->wording->worded(
            RoadPresenter::advice(new SetPointAdviser(Vehicle::of($this->sizing()), $this->shelf)),
        )));
    }

    /** Kept within one request only: its behaviours hold code, which is not stored. */
    public function proof(): Proof
    {
        return $this->proof ??= self::worked(fn (): Proof => Proof::of($this->sizing(), $this->shelf, wrong: $this->toldWrong()));
    }

    public function faultPairs(): FaultPairs
    {
        return new FaultPairs($this->proof(), $this->shelf);
    }

    /** Everything that may be wrong with the circuit, and what each test would show of it. */
    public function faultTable(): FaultTable
    {
        return $this->kept('fault-table', fn (): FaultTable => FaultTables::of($this->sized(), $this->shelf, new FailureRates($this->sized()->circuit)));
    }

    /** @return array<string, FaultKind> part or wire to what is told to be wrong with it; none with a vehicle as it leaves */
    public function toldWrong(): array
    {
        return $this->state === VehicleState::Found ? $this->circuit()->told($this->brief->found->wrong ?? []) : [];
    }

    public function proofSummary(): ProofSummary
    {
        return $this->kept('proof-summary', fn (): ProofSummary => ProofSummary::of($this->proof()));
    }

    /** Whether its proof is there without being worked out. */
    public function isProven(): bool
    {
        return $this->cache->get("proof-answer/{$this->key}") !== null && $this->cache->get("proof-summary/{$this->key}") !== null;
    }

    /** JSON that fits schema/proof.json: the proof with its remedies evaluated on the file. */
    public function proofAnswer(): string
    {
        return $this->kept('proof-answer', fn (): string => self::json(ProofPresenter::of($this->state === VehicleState::Found
            ? EvaluatedProof::ofFound($this->proof()) : EvaluatedProof::of($this->file, $this->files, $this->shelf, $this->proof()), $this->wording)));
    }

    /**
     * @template T of object|string|array<mixed>
     *
     * @param  \Closure(): T  $work
     * @return T
     */
    private function kept(string $what, \Closure $work): object|string|array
    {
        $kept = $this->cache->get("{$what}/{$this->key}");
        if ($kept === null) {
            $kept = self::worked($work);
            $this->cache->put("{$what}/{$this->key}", $kept);
        }

        return $kept;
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     *
     * @throws Uncomputable where the program meets a fault of its own on the way
     */
    private static function worked(\Closure $work): mixed
    {
        try {
            return $work();
        } catch (InvalidInput|Uncomputable $known) {
            throw $known;
        } catch (\Throwable $fault) {
            throw new Uncomputable($fault);
        }
    }

    /** @param  array<mixed>  $answer */
    private static function json(array $answer): string
    {
        return json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
