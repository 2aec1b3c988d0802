<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** The stages of a job of version 4 whose wiring was the vehicle's, made a vehicle that was found and stays. */
final class OriginalStages
{
    /** What stands for a decider that was taken over and of which nothing was told (common practice, no source). */
    private const UNKNOWN = ['kind' => 'computer', 'output' => 'what was there', 'onC' => 97, 'offC' => 92, 'place' => 'engine-outlet'];

    /** Fields of the version to those of a part that was found, and which part. */
    private const FIGURES = ['fuseA' => ['fuse', 'ratedA'], 'fuseBeforeA' => ['fuse', 'beforeA'], 'areaMm2' => ['wire', 'areaMm2'], 'relayA' => ['relay', 'ratedA']];

    /**
     * @param  \stdClass  $leaves  the job's control, which then tells the vehicle as it leaves
     * @param  non-empty-list<\stdClass>  $kept  those stages, which are in it
     */
    public static function move(\stdClass $data, \stdClass $leaves, array $kept): void
    {
        $control = clone $leaves;
        $control->overrides = [];
        $control->stages = [];
        $control->afterRun = null;
        $control->airConditioning = null;
        unset($control->lockouts);
        // The vehicle's own relay had its feed from the key.
        if (count($kept) === count($leaves->stages)) {
            $leaves->coilFeed = 'accessory';
        }
        $control->coilFeed = in_array($leaves->coilFeed ?? null, ['ignition', 'accessory'], true) ? $leaves->coilFeed : 'accessory';
        $parts = [];
        $renewed = [];
        foreach ($kept as $at => $stage) {
            $original = $stage->original;
            unset($stage->original);
            $stage->sharesRelay = count($stage->fans ?? []) > 1;
            if (($stage->decider->kind ?? null) === 'original') {
                $stage->decider->kind = 'computer';
                $control->stages[] = self::found($stage, $stage->decider);
            } else {
                $control->stages[] = self::found($stage, (object) [...self::UNKNOWN, 'output' => self::UNKNOWN['output'].($at === 0 ? '' : ' '.($at + 1))]);
            }
            $fan = $stage->fans[0] ?? '';
            $relay = isset($control->speeds) ? ($at === 0 ? 'low-relay' : 'high-relay') : "{$fan}-relay";
            $parts += self::parts($original, $fan, $relay, $stage->fans ?? []);
            if (($original->isRelayReplaced ?? false) === true) {
                $renewed[] = $relay;
            }
        }
        $fans = array_merge(...array_map(static fn (\stdClass $stage): array => $stage->fans ?? [], $kept));
        $data->found = (object) [
            'fans' => array_values(array_filter($data->fans ?? [], static fn (mixed $fan): bool => is_object($fan) && in_array($fan->id ?? null, $fans, true))),
            'control' => $control, 'runs' => new \stdClass, 'parts' => (object) $parts, 'wrong' => [],
        ];
        $data->renewed = $renewed;
    }

    private static function found(\stdClass $stage, \stdClass $decider): \stdClass
    {
        $found = clone $stage;
        $found->decider = clone $decider;
        unset($found->parallel);

        return $found;
    }

    /**
     * @param  list<string>  $fans
     * @return array<string, \stdClass>
     */
    private static function parts(\stdClass $original, string $fan, string $relay, array $fans): array
    {
        $ids = ['fuse' => "{$fan}-fuse", 'wire' => "{$fan}-wire", 'relay' => $relay];
        $parts = [];
        foreach (self::FIGURES as $field => [$of, $figure]) {
            if (is_numeric($original->{$field} ?? null)) {
                $parts[$ids[$of]] ??= new \stdClass;
                $parts[$ids[$of]]->{$figure} = $original->{$field};
            }
        }
        foreach (is_numeric($original->connectorA ?? null) ? $fans : [] as $id) {
            $parts[$id] = (object) ['pinA' => $original->connectorA];
        }

        return $parts;
    }
}
