<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Design;
use App\Design\Designs;
use App\Design\Kept;
use App\Http\Requests\Body;
use App\Models\Job;
use App\Plans\OtherPart;
use App\Plans\PlanReport;
use App\Plans\PlanSearch;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Exchange\Schema;
use LampThread\Exchange\Wording;
use LampThread\Parts\Shelf;

/** Every plan of a job judged, half of them by a second process; what leads is told on the way: fits schema/plans-row.json. */
final readonly class PlansWork implements Work
{
    /** Rows until all is judged. */
    private const ROWS = 12;

    public function __construct(
        private Schema $schema, private JobFile $files, private Shelf $shelf, private Wording $wording, private Kept $cache, private Designs $designs,
    ) {}

    public function check(\stdClass $question): void
    {
        $this->schema->check('plan-request', $question);
        PlanReader::read(self::asked($question));
    }

    public function rows(Job $job, \stdClass $question): array
    {
        $design = $this->designs->as($job->state, $job->file());
        $key = 'plans/'.md5((string) json_encode([$design->file, $question]))."/{$this->designs->build->id}";
        $kept = $this->cache->get($key);

        return is_array($kept) ? [1, [$kept]] : [self::ROWS, $this->searched($design, $question, $key)];
    }

    /** @return iterable<array<string, mixed>> */
    private function searched(Design $design, \stdClass $question, string $key): iterable
    {
        $asked = PlanReader::read(self::asked($question));
        $search = new PlanSearch($design->file, $asked, $this->files, $this->shelf);
        $report = new PlanReport($search, $asked, $this->shelf);
        $begun = microtime(true);
        $other = OtherPart::begin($design->file, self::asked($question));
        $every = max(1, intdiv(count($search->drafts), self::ROWS));
        $done = 0;
        try {
            foreach ($search->judged(0, 2) as $number => $judged) {
                $report->add($number, $judged);
                // The first plans at once, then now and then.
                if ($done === 0 || $done % $every === 0) {
                    yield $this->wording->worded($report->progress(microtime(true) - $begun));
                }
                $other->listen();
                $done++;
            }
            $isWhole = true;
        } finally {
            // Who asked has stopped it.
            if (! isset($isWhole)) {
                $other->stop();
            }
        }
        foreach ($other->judged() as $number => $judged) {
            $report->add($number, $judged);
        }
        $whole = $this->wording->worded($report->whole(microtime(true) - $begun));
        $this->cache->put($key, $whole);
        yield $whole;
    }

    /** @return array<string, mixed> */
    private static function asked(\stdClass $question): array
    {
        return Body::map(json_decode((string) json_encode($question)));
    }
}
