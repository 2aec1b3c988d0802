<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** Brings job files of earlier versions forward, one version at a time. What is no job file at all is left for the schema to refuse. */
final class JobFileUpgrade
{
    public static function upgraded(\stdClass $data): \stdClass
    {
        $data = ($data->version ?? null) === 1 ? self::fromOne(clone $data) : $data;

        $data = ($data->version ?? null) === 2 ? self::fromTwo($data) : $data;

        $data = ($data->version ?? null) === 3 ? self::fromThree($data) : $data;

        return ($data->version ?? null) === 4 ? self::fromFour($data) : $data;
    }

    /** Looms of version 1 had no plugs of their own at fans and probes; one that is built stays as it was built. */
    private static function fromOne(\stdClass $data): \stdClass
    {
        $data->version = 2;
        if (($data->wiring ?? null) instanceof \stdClass) {
            $data->wiring = clone $data->wiring;
            $data->wiring->servicePlugs ??= false;
        }

        return $data;
    }

    /** Fans and stages of version 2 were called by any word, parts of the circuit among them; they are numbered since. */
    private static function fromTwo(\stdClass $data): \stdClass
    {
        $data = json_decode((string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION));
        $data->version = 3;
        $stages = is_array($data->control->stages ?? null) ? $data->control->stages : [];
        $fanIds = self::numbered('fan', is_array($data->fans ?? null) ? $data->fans : []);
        $stageIds = self::numbered('stage', $stages);
        foreach ($stages as $stage) {
            if (is_object($stage) && is_array($stage->fans ?? null)) {
                $stage->fans = array_map(static fn (mixed $id): mixed => is_string($id) ? $fanIds[$id] ?? $id : $id, $stage->fans);
            }
        }
        self::renameKeys($data, 'pinned', [
            ...self::withEndings('', $fanIds, ['', '-air-conditioning', '-override'], ['-fuse', '-relay', '-wire']),
            ...self::withEndings('', $stageIds, ['-inverting'], ['-relay']),
        ]);
        foreach (['relay-to-fan@', 'fan-to-earth@'] as $stretch) {
            self::renameKeys($data, 'runs', self::withEndings($stretch, $fanIds, ['', '-air-conditioning', '-override'], ['-wire']));
        }

        return $data;
    }

    /**
     * A job of version 3 had one override, one lockout by engine speed, and the vehicle's own wiring as what decides its first stage.
     */
    private static function fromThree(\stdClass $data): \stdClass
    {
        $data = json_decode((string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION));
        $data->version = 4;
        $control = $data->control ?? null;
        if (! $control instanceof \stdClass) {
            return $data;
        }
        if (property_exists($control, 'override')) {
            $control->overrides = $control->override === null ? [] : [$control->override];
            unset($control->override);
        }
        $lockouts = (array) ($control->lockouts ?? null);
        if (array_key_exists('aboveRpm', $lockouts)) {
            $engineSpeed = $lockouts['aboveRpm'] === null ? null : (object) ['rpm' => $lockouts['aboveRpm']];
            $control->lockouts = (object) [...array_diff_key($lockouts, ['aboveRpm' => true]), 'engineSpeed' => $engineSpeed];
        }
        foreach (is_array($control->stages ?? null) ? $control->stages : [] as $stage) {
            if (($stage->decider->kind ?? null) === 'original') {
                self::moveOriginal($stage, $control);
            }
        }

        return $data;
    }

    /**
     * A job of version 4 told of the vehicle as it was found only the wiring of a stage that stays: with it a whole arrangement was there. An after-run was
     * started by the key or by a push.
     */
    private static function fromFour(\stdClass $data): \stdClass
    {
        $data = json_decode((string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION));
        $data->version = 5;
        $stages = is_array($data->control->stages ?? null) ? $data->control->stages : [];
        $kept = array_values(array_filter($stages, static fn (mixed $stage): bool => ($stage->original ?? null) instanceof \stdClass));
        if ($kept !== []) {
            OriginalStages::move($data, $data->control, $kept);
        }
        $afterRun = $data->control->afterRun ?? null;
        if ($afterRun instanceof \stdClass && property_exists($afterRun, 'isPush')) {
            $afterRun->startedBy = $afterRun->isPush === true ? 'push' : 'key';
            unset($afterRun->isPush);
        }

        return $data;
    }

    private static function moveOriginal(\stdClass $stage, \stdClass $control): void
    {
        $told = ['fuseA' => $control->existingFuseA ?? null, 'fuseBeforeA' => $control->fuseBeforeA ?? null, 'areaMm2' => $stage->decider->areaMm2 ?? null];
        $stage->original = (object) [...array_filter($told, is_numeric(...)), 'isRelayReplaced' => false];
        unset($stage->decider->areaMm2);
        if (($control->feed ?? null) !== 'existing-circuit') {
            unset($control->existingFuseA, $control->fuseBeforeA);
        }
    }

    /**
     * @param  array<mixed>  $named  told apart by their ids, which are numbered here; left alone where they are not told apart
     * @return array<string, string> old id to new
     */
    private static function numbered(string $word, array $named): array
    {
        $ids = array_map(static fn (mixed $one): mixed => $one->id ?? null, array_filter($named, static fn (mixed $one): bool => is_object($one)));
        if (count(array_unique(array_filter($ids, is_string(...)))) !== count($named)) {
            return [];
        }
        $renamed = [];
        foreach ($named as $at => $one) {
            $renamed[$one->id] = "{$word}-".($at + 1);
        }
        $isNumbered = array_filter(array_keys($renamed), static fn (int|string $id): bool => preg_match("/^{$word}-[1-9]\d?$/", (string) $id) !== 1) === [];
        if ($isNumbered) {
            return [];
        }
        foreach ($named as $one) {
            $one->id = $renamed[$one->id];
        }

        return $renamed;
    }

    /**
     * @param  array<string, string>  $ids
     * @param  non-empty-list<string>  $middles
     * @param  non-empty-list<string>  $ends
     * @return array<string, string>
     */
    private static function withEndings(string $before, array $ids, array $middles, array $ends): array
    {
        $names = [];
        foreach ($ids as $old => $new) {
            foreach ($middles as $middle) {
                foreach ($ends as $end) {
                    $names["{$before}{$old}{$middle}{$end}"] = "{$before}{$new}{$middle}{$end}";
                }
            }
        }

        return $names;
    }

    /** @param  array<string, string>  $names  old to new */
    private static function renameKeys(\stdClass $data, string $part, array $names): void
    {
        if (is_object($data->{$part} ?? null)) {
            $renamed = new \stdClass;
            foreach (get_object_vars($data->{$part}) as $name => $value) {
                $renamed->{$names[$name] ?? $name} = $value;
            }
            $data->{$part} = $renamed;
        }
    }
}
