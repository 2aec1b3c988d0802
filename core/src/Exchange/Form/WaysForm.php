<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

/** How the fans run: at one speed or two, together or one after the other. Each way keeps what is told of the stages it keeps. */
final readonly class WaysForm
{
    /** A later stage that was not told comes on so much above the one before, K (common practice, no source). */
    private const LATER_K = 5;

    /** @param  array<string, mixed>  $file  the job's, as decoded */
    private function __construct(private array $file) {}

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    public static function of(array $file): array
    {
        $form = new self($file);

        return ['value' => $form->standing(), 'options' => array_map(
            static fn (string $way, array $changes): array => FormOption::of('ways', $way, $changes), array_keys($ways = $form->ways()), $ways,
        )];
    }

    /**
     * The stages as they are once a fan has come or gone, all of them at one speed.
     *
     * @param  array<string, mixed>  $file
     * @param  \Closure(list<string>, int): list<string>  $fans  of a stage and its number, to those it then has
     * @return array<string, mixed>
     */
    public static function changes(array $file, \Closure $fans): array
    {
        $stages = [];
        foreach (array_values($file['control']['stages']) as $at => $stage) {
            $stages[] = [...$stage, 'fans' => $fans($stage['fans'], $at)];
        }
        $stages = array_values(array_filter($stages, static fn (array $stage): bool => $stage['fans'] !== []));
        $isAtSpeeds = ($file['control']['speeds'] ?? null) !== null;

        return ['/control/stages' => $isAtSpeeds ? array_slice($stages, 0, 1) : $stages, '/control/speeds' => null];
    }

    private function standing(): string
    {
        $control = $this->file['control'];
        $isShared = $control['stages'][0]['sharesRelay'] ?? false;

        return $control['speeds'] ?? (count($control['stages']) > 1 ? 'stages' : ($isShared ? 'shared' : (count($this->file['fans']) > 1 ? 'together' : 'one')));
    }

    /** @return array<string, array<string, mixed>> */
    private function ways(): array
    {
        $count = count($this->file['fans']);
        $ways = $count === 1
            ? ['one' => $this->together(false), 'dropping-resistor' => $this->atSpeeds('dropping-resistor'), 'two-windings' => $this->atSpeeds('two-windings')]
            : ['together' => $this->together(false), 'shared' => $this->together(true), 'stages' => $this->oneAfterTheOther()];

        return $count === 2 ? [...$ways, 'series-parallel' => $this->atSpeeds('series-parallel')] : $ways;
    }

    /** @return array<string, mixed> */
    private function together(bool $isShared): array
    {
        return $this->set([[...$this->stage(0), 'fans' => $this->fans(), 'sharesRelay' => $isShared]], null);
    }

    /** @return array<string, mixed> */
    private function atSpeeds(string $speeds): array
    {
        return $this->set(array_map(fn (int $at): array => [...$this->stage($at), 'fans' => $this->fans(), 'sharesRelay' => false], [0, 1]), $speeds);
    }

    /** @return array<string, mixed> */
    private function oneAfterTheOther(): array
    {
        return $this->set(array_map(fn (string $fan, int $at): array => [...$this->stage($at), 'fans' => [$fan]], $this->fans(), array_keys($this->fans())), null);
    }

    /**
     * @param  list<array<string, mixed>>  $stages
     * @return array<string, mixed>
     */
    private function set(array $stages, ?string $speeds): array
    {
        return ['/control/stages' => $stages, '/control/speeds' => $speeds];
    }

    /** @return list<string> */
    private function fans(): array
    {
        return array_values(array_column($this->file['fans'], 'id'));
    }

    /** @return array<string, mixed> the stage that is there, or one like the first, some degrees above it */
    private function stage(int $at): array
    {
        $told = $this->file['control']['stages'][$at] ?? null;
        if ($told !== null) {
            return $told;
        }
        $first = $this->file['control']['stages'][0];
        $decider = $first['decider'];
        foreach (['onC', 'offC'] as $name) {
            if (isset($decider[$name])) {
                $decider[$name] += self::LATER_K * $at;
            }
        }
        if ($decider['kind'] === 'computer') {
            $decider['output'] .= ' '.($at + 1);
        }

        return [...$first, 'id' => 'stage-'.($at + 1), 'decider' => $decider];
    }
}
