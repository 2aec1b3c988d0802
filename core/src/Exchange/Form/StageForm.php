<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Brief;
use LampThread\Brief\OriginalCircuit;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Message\Unit;

/** What is asked of one stage: who decides, what else runs it, whose wiring it is on. */
final readonly class StageForm
{
    /** @param  array<string, mixed>  $file  the job's, as decoded */
    public function __construct(private Brief $brief, private array $file) {}

    /** @return array<string, mixed> */
    public function of(Stage $stage, int $at): array
    {
        $path = "/control/stages/{$at}";
        $deciding = new DecidingForm($this->brief, $this->file);
        $parallel = [];
        foreach (array_slice($stage->deciding(), 1) as $number => $one) {
            $left = $this->file['control']['stages'][$at]['parallel'];
            unset($left[$number]);
            $form = $deciding->of($one, $at, $number);
            $parallel[] = [...$form, 'key' => "{$number} {$form['decider']['value']}", 'remove' => (object) ["{$path}/parallel" => array_values($left)]];
        }

        return [
            'id' => $stage->id,
            'path' => $path,
            'deciding' => $deciding->of($stage, $at),
            'side' => DeciderOf::stage($stage)->side() !== null ? null : [
                'value' => $stage->side->value,
                'options' => array_map(static fn (Side $side): array => FormOption::of('side', $side->value, ["{$path}/side" => $side->value]), Side::cases()),
            ],
            'parallel' => $parallel,
            'addParallel' => LoadOf::stage($stage)->triggerLine() === null ? [] : $deciding->added($at),
            'wiring' => $this->wiring($stage, $path),
            'original' => $stage->original === null ? [] : $this->original($path, $at),
            'relayLead' => $stage->original !== null || LoadOf::stage($stage)->triggerLine() === null ? null : [
                'value' => $stage->relayLead->value,
                'options' => array_map(
                    static fn (RelayLead $lead): array => FormOption::of('relay-lead', $lead->value, ["{$path}/relayLead" => $lead->value]), RelayLead::cases(),
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function wiring(Stage $stage, string $path): array
    {
        $told = $stage->original === null ? [] : array_filter(get_object_vars($stage->original), static fn (mixed $value): bool => $value !== null);

        $runs = $this->file['runs'] ?? [];
        $isKit = $stage->original === null && RelayKit::isIn($stage, $runs);
        $withoutKit = $isKit ? RelayKit::changes($stage, $this->brief, $runs, isTaken: false) : [];
        $hasRelays = LoadOf::stage($stage)->hasOwnRelay() && $this->brief->control->speeds === null;

        return [
            'value' => match (true) {
                $isKit => 'kit',
                $stage->original === null => 'own',
                default => $stage->original->isRelayReplaced ? 'replaced' : 'original',
            },
            'options' => [
                FormOption::of('wiring', 'own', ["{$path}/original" => null, ...$withoutKit]),
                ...($hasRelays ? [FormOption::of('wiring', 'kit', $isKit ? [] : RelayKit::changes($stage, $this->brief, $runs, isTaken: true))] : []),
                FormOption::of('wiring', 'original', ["{$path}/original" => [...$told, 'isRelayReplaced' => false], ...$withoutKit]),
                FormOption::of('wiring', 'replaced', ["{$path}/original" => [...$told, 'isRelayReplaced' => true], ...$withoutKit]),
            ],
        ];
    }

    /** @return list<array<string, mixed>> what is told of the vehicle's own circuit */
    private function original(string $path, int $at): array
    {
        $told = $this->file['control']['stages'][$at]['original'] ?? [];

        return array_map(static fn (Field $field): array => FormField::of($field, "{$path}/original/{$field->name}", $told[$field->name] ?? null), [
            Field::number('fuseA', Unit::Ampere, 1, 200, OriginalCircuit::USUAL_FUSE_A),
            Field::optional('fuseBeforeA', Unit::Ampere, 1, 200),
            Field::number('areaMm2', Unit::SquareMillimetre, 0.35, 35, OriginalCircuit::USUAL_AREA_MM2),
            Field::number('relayA', Unit::Ampere, 1, 200, OriginalCircuit::USUAL_RELAY_A),
            Field::optional('connectorA', Unit::Ampere, 1, 200),
        ]);
    }
}
