<?php

declare(strict_types=1);

namespace App\Trail;

use App\Design\Design;
use App\Design\Designs;
use App\Design\Kept;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\AnswerReader;
use LampThread\Exchange\Arrangements;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\TrailPresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** A vehicle nobody here has wired: every usual arrangement that fits what is known of it is carried along, with its faults, and tests narrow both. */
final readonly class UnknownVehicle
{
    public function __construct(private Designs $designs, private Kept $cache) {}

    /**
     * @param  array<string, mixed>  $known  as schema/unknown-vehicle-request.json has it
     * @param  list<Symptom>  $seen
     * @param  list<array{test: string, given: string}>  $given  the first first
     * @param  list<Tool>  $tools
     * @return array<string, mixed>
     *
     * @throws InvalidInput where no arrangement fits
     */
    public function trail(array $known, array $seen, array $given, array $tools): array
    {
        $fitting = $this->fitting($known);
        if ($fitting === []) {
            throw InvalidInput::at('/known', Message::of('input.no-arrangement-fits'));
        }
        $designs = array_values($fitting);
        $circuits = array_map(static fn (Design $design) => $design->circuit(), $designs);
        $table = $this->joined(array_keys($fitting), $designs);
        $answers = array_map(static fn (array $one): Answer => AnswerReader::read($table, $one['test'], $one['given']), $given);
        $trail = new Trail($table, new LampReading($circuits, $designs[0]->brief->supply->systemV), $seen, $answers, $tools);
        $shares = array_fill(0, count($designs), 0.0);
        foreach ($trail->shares as $cause => $share) {
            $shares[$table->causes[$cause]->subject] += $share;
        }
        $known = array_sum($shares);
        $arrangements = array_map(static fn (string $id, float $share): array => [
            'id' => $id, 'title' => Message::of("arrangement.{$id}.title"), 'share' => round($share / $known, 4),
        ], array_keys($fitting), $shares);
        usort($arrangements, static fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return ['arrangements' => $arrangements, 'trail' => (new TrailPresenter($circuits))->of($trail, $seen, $answers)];
    }

    /**
     * @param  list<string>  $ids  of the arrangements
     * @param  non-empty-list<Design>  $designs
     */
    private function joined(array $ids, array $designs): FaultTable
    {
        $key = 'fault-tables/'.md5(implode(',', $ids))."/{$this->designs->build->id}";
        $kept = $this->cache->get($key);
        if ($kept instanceof FaultTable) {
            return $kept;
        }
        $table = FaultTable::joined(array_map(static fn (Design $design): FaultTable => $design->faultTable(), $designs), array_fill(0, count($designs), 1.0));
        $this->cache->put($key, $table);

        return $table;
    }

    /**
     * @param  array<string, mixed>  $known
     * @return array<string, Design> arrangement to its design on the usual vehicle
     */
    private function fitting(array $known): array
    {
        $fitting = [];
        $start = $this->designs->decode((string) file_get_contents(base_path('core/data/start.lampthread.json')));
        foreach (Arrangements::all() as $arrangement) {
            $isTold = static fn (string $what, mixed $is): bool => ($known[$what] ?? null) === null || $known[$what] === $is;
            if (! $isTold('fans', $arrangement['fans']) || ! $isTold('switchedBy', $arrangement['switchedBy']) || ! $isTold('airConditioning', $arrangement['airConditioning'])) {
                continue;
            }
            $file = JobDocument::of($start)->arranged($arrangement['id'])->file;
            $design = $this->designs->of($this->designs->decode(JobFile::encode($file)));
            $relays = $design->circuit()->each(Relay::class);
            $hasRest = array_filter($relays, static fn (Relay $relay): bool => $relay->isChangeOver) !== [];
            if ($isTold('relays', count($relays)) && $isTold('fuses', count($design->circuit()->each(Fuse::class))) && $isTold('changeOver', $hasRest)
                && $design->circuit()->each(FanMotor::class) !== []) {
                $fitting[$arrangement['id']] = $design;
            }
        }

        return $fitting;
    }
}
