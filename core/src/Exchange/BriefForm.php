<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Brief\ClutchTap;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Kinds;
use LampThread\Exchange\Form\FansForm;
use LampThread\Exchange\Form\FormOption;
use LampThread\Exchange\Form\FoundForm;
use LampThread\Exchange\Form\GroupsForm;
use LampThread\Exchange\Form\OverridesForm;
use LampThread\Exchange\Form\PlanForm;
use LampThread\Exchange\Form\StageForm;
use LampThread\Exchange\Form\StageToggles;
use LampThread\Exchange\Form\WaysForm;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\Shelf;

/**
 * The questions of a brief whose answers control ideas own: which options there are, which one stands, what picking one sets, and which
 * fields the one that stands asks for. The browser shows them and sends the changes back; it knows no kind by name.
 */
final class BriefForm
{
    private const VARIABLE = 'variable-';

    /** @param  array<string, mixed>  $file  the job's, as decoded */
    private function __construct(private Brief $brief, private array $file) {}

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed> its messages still messages; fits schema/form.json
     */
    public static function of(Brief $brief, array $file, VehicleState $state, Shelf $shelf): array
    {
        $form = new self($brief, $file);
        $stage = new StageForm($brief, $file);

        return [
            'stages' => array_map($stage->of(...), $brief->control->stages, array_keys($brief->control->stages)),
            'airConditioning' => $form->airConditioning(),
            ...OverridesForm::of($brief->control, array_values($file['control']['overrides'])),
            'system' => $form->system(),
            'ways' => WaysForm::of($file),
            ...FansForm::of($file),
            ...GroupsForm::of($file),
            'fit' => FitPresenter::of($brief),
            'plan' => PlanForm::of($brief->plan, $file),
            ...FoundForm::of($brief, $file, $shelf),
            'sections' => BriefSections::of($brief, $file, $state),
        ];
    }

    /** @return array<string, mixed> */
    private function airConditioning(): array
    {
        $path = '/control/airConditioning';
        $standing = $this->file['control']['airConditioning'] ?? null;
        $kept = array_intersect_key($standing ?? [], ['fuseA' => true, 'tap' => true, 'stages' => true]);
        $options = [FormOption::of('air-conditioning', 'none', [$path => null])];
        foreach (Kinds::triggers() as $kind => $class) {
            $options[] = FormOption::of('air-conditioning', $kind, [$path => [...$kept, 'compressor' => 'clutch', 'trigger' => $kind]]);
            if ((new $class)->suitsVariableCompressor()) {
                $options[] = FormOption::of('air-conditioning', self::VARIABLE.$kind, [$path => [...$kept, 'compressor' => 'variable', 'trigger' => $kind]]);
            }
        }
        $prefix = ($standing['compressor'] ?? '') === 'variable' ? self::VARIABLE : '';
        $asked = $this->brief->control->airConditioning->stageIds ?? [];

        return [
            'value' => $standing === null ? 'none' : $prefix.$standing['trigger'],
            'options' => $options,
            'tap' => ['value' => ($this->brief->control->airConditioning->tap ?? ClutchTap::Behind)->value, 'options' => array_map(
                static fn (ClutchTap $tap): array => FormOption::of('tap', $tap->value, ["{$path}/tap" => $tap->value]), ClutchTap::cases(),
            )],
            'isTapped' => $prefix === '' && TriggerOf::control($this->brief->control)?->usesClutchWire() === true,
            'stages' => TriggerOf::control($this->brief->control)?->asksForNothing() !== false ? [] : StageToggles::of($this->brief->control->stages, $asked, "{$path}/stages"),
        ];
    }

    /**
     * Another system voltage scales what was answered for the old one.
     *
     * @return array<string, mixed>
     */
    private function system(): array
    {
        $options = [];
        foreach ([6, 12, 24] as $systemV) {
            $scale = $systemV / $this->brief->supply->systemV;
            $changes = ['/supply/systemV' => $systemV];
            foreach (['restingV', 'chargingV', 'crankingV'] as $name) {
                $changes["/supply/{$name}"] = round($this->file['supply'][$name] * $scale, 2);
            }
            foreach ($this->brief->fans as $at => $fan) {
                $changes["/fans/{$at}/ratedV"] = round($fan->ratedV * $scale, 2);
            }
            $options[] = [
                'value' => (string) $systemV,
                'label' => Message::of('option.system.label', systemV: Unit::Volt->of($systemV)),
                'fits' => null,
                'changes' => (object) $changes,
            ];
        }

        return ['value' => (string) $this->brief->supply->systemV, 'options' => $options];
    }
}
