<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Brief;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Load\LoadOf;

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
            'side' => DeciderOf::stage($stage)->side() !== null || ! LoadOf::stage($stage)->hasSide() ? null : [
                'value' => $stage->side->value,
                'options' => array_map(static fn (Side $side): array => FormOption::of('side', $side->value, ["{$path}/side" => $side->value]), Side::cases()),
            ],
            'parallel' => $parallel,
            'addParallel' => LoadOf::stage($stage)->triggerLine() === null ? [] : $deciding->added($at),
            'wiring' => $this->wiring($stage, $path),
            'relayLead' => LoadOf::stage($stage)->triggerLine() === null ? null : [
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
        $runs = $this->file['runs'] ?? [];
        $isKit = RelayKit::isIn($stage, $runs);
        $withoutKit = $isKit ? RelayKit::changes($stage, $this->brief, $runs, isTaken: false) : [];
        $hasRelays = LoadOf::stage($stage)->hasOwnRelay() && $this->brief->control->speeds === null;

        return [
            'value' => $isKit ? 'kit' : 'own',
            'options' => [
                FormOption::of('wiring', 'own', $withoutKit),
                ...($hasRelays ? [FormOption::of('wiring', 'kit', $isKit ? [] : RelayKit::changes($stage, $this->brief, $runs, isTaken: true))] : []),
            ],
        ];
    }
}
