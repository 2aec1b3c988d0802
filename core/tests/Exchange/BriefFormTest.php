<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Circuit\Control\Kinds;
use LampThread\Circuit\Selection;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Picks;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The questions of the Brief that control ideas own. */
final class BriefFormTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        foreach (Combination::eachDecider() as $name => $changes) {
            yield $name => [$changes];
        }
        foreach (array_keys(Combination::pairs()) as $at => $name) {
            if ($at % 41 === 0) {
                yield $name => Combination::pairs()[$name];
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_what_stands_is_an_option_and_picking_it_again_changes_nothing(array $changes): void
    {
        $file = $this->file($changes);
        $before = $this->terminals($file);
        foreach ($this->questions($file) as $name => $question) {
            $standing = array_values(array_filter($question['options'], static fn (array $option): bool => $option['value'] === $question['value']));
            self::assertCount(1, $standing, "{$name}: {$question['value']}");
            self::assertSame($before, $this->terminals(JobDocument::of($file)->with(Changes::of((array) $standing[0]['changes']))->file), $name);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_every_option_is_taken_or_refused_with_a_reason_at_a_place(array $changes): void
    {
        $file = $this->file($changes);
        $taken = 0;
        foreach ($this->questions($file) as $name => $question) {
            foreach ($question['options'] as $option) {
                try {
                    $this->terminals(JobDocument::of($file)->with(Changes::of((array) $option['changes']))->file);
                    $taken++;
                } catch (InvalidInput $refused) {
                    foreach ($refused->problems as $problem) {
                        self::assertNotSame('', Orchard::english($problem->message), "{$name}: {$option['value']}");
                        self::assertStringStartsNotWith('input.schema', $problem->message->code, "{$name}: {$option['value']} at {$problem->at}");
                    }
                }
            }
        }
        self::assertGreaterThan(3, $taken);
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_each_field_that_is_asked_for_shows_what_the_job_has_or_the_usual(array $changes): void
    {
        $file = $this->file($changes);
        $form = BriefForm::of(Orchard::files()->brief($file), $file, VehicleState::Leaves, Orchard::shelf());
        foreach ($form['stages'] as $at => $stage) {
            $decider = $file['control']['stages'][$at]['decider'];
            foreach ($stage['deciding']['fields'] as $field) {
                $name = basename($field['path']);
                self::assertSame($decider[$name] ?? $field['value'], $field['value']);
                if ($field['usual'] !== null && ! isset($decider[$name])) {
                    self::assertEqualsWithDelta((float) $field['usual'], $field['value'], 1e-9, $name);
                }
                // What is asked for can be told: the field's own value, sent back, is taken.
                if ($field['value'] !== null) {
                    $this->terminals(JobDocument::of($file)->with(Changes::of([$field['path'] => $field['value']]))->file);
                }
            }
        }
        Orchard::schema()->check('form', json_decode(json_encode(Wording::english()->worded(Picks::named($form)), JSON_THROW_ON_ERROR)));
    }

    /** A controller has no coil and sits in no lead of the fan: which side is switched is not asked of it, of everything else it is. */
    public function test_the_switched_side_is_asked_where_there_is_one(): void
    {
        $side = function (array $decider): ?string {
            $file = $this->file(['/control/stages/0/decider' => $decider, '/control/overrides' => []]);

            return BriefForm::of(Orchard::files()->brief($file), $file, VehicleState::Leaves, Orchard::shelf())['stages'][0]['side']['value'] ?? null;
        };
        $deciders = Combination::deciders();

        self::assertSame([null, 'earth', 'earth'], array_map($side, [
            $deciders['stepless'], $deciders['switch carrying the fan'], [...$deciders['switch closing when hot'], 'place' => 'engine-outlet'],
        ]));
    }

    public function test_every_kind_there_is_can_be_picked(): void
    {
        $file = $this->file([]);
        $questions = $this->questions($file);
        $kinds = static fn (string $name, string $pointer, string $key): array => array_values(array_unique(array_filter(array_map(
            static fn (array $option): ?string => ((array) $option['changes'])[$pointer][$key] ?? null,
            $questions[$name]['options'],
        ))));

        self::assertSame(array_keys(Kinds::deciders()), $kinds('stage-1 decider', '/control/stages/0/decider', 'kind'));
        self::assertSame(array_keys(Kinds::triggers()), $kinds('air conditioning', '/control/airConditioning', 'trigger'));
        self::assertSame(array_keys(Kinds::overrides()), $kinds('override', '/control/overrides/0', 'kind'));
    }

    /** How far a probe reaches in is asked of what somebody fits: the engine computer has its own sensor. */
    public function test_a_sensor_nobody_fits_is_not_measured(): void
    {
        foreach (['switch closing when hot' => true, 'electronic, to earth' => true, 'stepless' => true, 'computer' => false, 'power module' => false] as $decider => $isAsked) {
            $file = $this->file(Combination::eachDecider()[$decider]);
            $form = BriefForm::of(Orchard::files()->brief($file), $file, VehicleState::Leaves, Orchard::shelf());

            self::assertSame($isAsked, in_array('depthMm', array_map(
                static fn (array $field): string => basename((string) $field['path']), $form['stages'][0]['deciding']['fields'],
            ), true), $decider);
        }
    }

    public function test_both_stages_can_be_given_to_the_computer_one_after_the_other(): void
    {
        $file = $this->file(Combination::changes(Combination::deciders()['capillary'], Combination::loads()['two at two temperatures']));
        foreach (['stage-1', 'stage-2'] as $stage) {
            $file = $this->pick($file, "{$stage} decider", 'computer');
        }

        self::assertSame(['fan', 'fan 2'], array_column(array_column($file['control']['stages'], 'decider'), 'output'));
        self::assertSame([92, 97], array_column(array_column($file['control']['stages'], 'decider'), 'onC'));
    }

    public function test_a_kit_with_its_own_loom_comes_in_and_goes_out_with_one_answer(): void
    {
        $file = $this->file([]);
        $kit = $this->pick($file, 'stage-1 wiring', 'kit');
        self::assertSame('kit', $this->questions($kit)['stage-1 wiring']['value']);
        $files = Orchard::files();
        $sizing = Sizing::of($files->brief($files->decode(JobFile::encode($kit))), Orchard::shelf());
        self::assertArrayNotHasKey('fan-1-wire', $sizing->choices, 'nothing is cut for it');
        foreach ($sizing->circuit->wires as $wire) {
            self::assertSame($wire->group === 'fan-1-wire' && $wire->stretch !== Stretch::Stub, $wire->segment->given !== null, $wire->id);
        }
        $own = $this->pick($kit, 'stage-1 wiring', 'own');
        self::assertSame('own', $this->questions($own)['stage-1 wiring']['value']);
        self::assertSame($this->terminals($file), $this->terminals($own));
    }

    public function test_a_switch_of_two_contacts_is_taken_for_both_stages_and_left_for_both(): void
    {
        $capillary = $this->file(Combination::changes(Combination::deciders()['capillary'], Combination::loads()['two at two temperatures']));
        $kinds = static fn (array $file): array => array_column(array_column($file['control']['stages'], 'decider'), 'kind');
        $twoStep = $this->pick($capillary, 'stage-2 decider', 'two-step-switch');
        self::assertSame(['two-step-switch', 'two-step-switch'], $kinds($twoStep));
        self::assertSame([92, 97], array_column(array_column($twoStep['control']['stages'], 'decider'), 'onC'));
        self::assertSame(['computer', 'computer'], $kinds($this->pick($twoStep, 'stage-1 decider', 'computer')));

        $this->expectExceptionMessage('refusal.two-step-switch-stages');
        $this->pick($this->file([]), 'stage-1 decider', 'two-step-switch');
    }

    public function test_another_system_voltage_takes_supply_and_fans_along_and_back(): void
    {
        $file = $this->file([]);
        $options = $this->questions($file)['system']['options'];
        $at24 = JobDocument::of($file)->with(Changes::of((array) $options[2]['changes']))->file;
        self::assertSame(24, $at24['supply']['systemV']);
        self::assertEqualsWithDelta(2 * $file['supply']['chargingV'], $at24['supply']['chargingV'], 0.01);
        self::assertEqualsWithDelta(2 * $file['fans'][0]['ratedV'], $at24['fans'][0]['ratedV'], 0.01);

        $back = JobDocument::of($at24)->with(Changes::of((array) $this->questions($at24)['system']['options'][1]['changes']))->file;
        self::assertEqualsWithDelta($file['supply'], $back['supply'], 0.01);
        self::assertEqualsWithDelta($file['fans'][0]['ratedV'], $back['fans'][0]['ratedV'], 0.01);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function file(array $changes): array
    {
        return Orchard::files()->decode(JobFile::encode(Orchard::file($changes)));
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, array{value: string, options: list<array<string, mixed>>}> by what is asked
     */
    private function questions(array $file): array
    {
        $form = BriefForm::of(Orchard::files()->brief($file), $file, VehicleState::Leaves, Orchard::shelf());
        $questions = ['air conditioning' => $form['airConditioning'], 'system' => $form['system']];
        foreach ($form['overrides'] as $override) {
            $questions[$override['id']] = $override;
        }
        foreach ($form['stages'] as $stage) {
            $asked = [
                'decider' => $stage['deciding']['decider'], 'place' => $stage['deciding']['place'], 'side' => $stage['side'], 'wiring' => $stage['wiring'],
                'lead' => $stage['relayLead'],
            ];
            foreach (array_filter($asked) as $name => $question) {
                $questions["{$stage['id']} {$name}"] = $question;
            }
        }

        return $questions;
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed> the file with that option picked
     */
    private function pick(array $file, string $question, string $value): array
    {
        $options = array_column($this->questions($file)[$question]['options'], 'changes', 'value');
        $changed = JobDocument::of($file)->with(Changes::of((array) $options[$value]))->file;
        $this->terminals($changed);

        return $changed;
    }

    /**
     * @param  array<string, mixed>  $file
     * @return list<string> of the circuit it makes
     */
    private function terminals(array $file): array
    {
        $files = Orchard::files();
        $brief = $files->brief($files->decode(JobFile::encode($file)));

        return CircuitBuilder::build($brief, Selection::generous($brief, Orchard::shelf()))->terminals();
    }
}
