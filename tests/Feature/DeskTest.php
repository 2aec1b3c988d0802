<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\JobFile;
use LampThread\Tests\Orchard;
use Tests\TestCase;

/** The desk: finding, sorting, paging, putting away, taking out again, and erasing. */
final class DeskTest extends TestCase
{
    public function test_every_job_is_on_exactly_one_page_whatever_it_is_sorted_by(): void
    {
        foreach (range(1, 7) as $number) {
            $this->job(['title' => 'Tractor '.($number % 3), 'customer' => "Customer {$number}"]);
        }
        $first = Job::query()->firstOrFail();
        $copies = array_map(static fn (int $number): array => [
            ...$first->getAttributes(), 'id' => sprintf('copy-%03d', $number), 'title' => 'copy '.$number % 10,
        ], range(1, 113));
        DB::table('jobs')->insert($copies);
        foreach (['changed', 'title', 'customer'] as $sort) {
            $seen = [];
            $next = '';
            do {
                $page = $this->getJson("/api/jobs?sort={$sort}&after={$next}")->assertOk()->assertJsonPath('total', 120);
                array_push($seen, ...array_column($page->json('rows'), 'id'));
                $next = $page->json('next');
            } while ($next !== null);

            self::assertCount(120, $seen, $sort);
            self::assertCount(120, array_unique($seen), $sort);
        }
    }

    public function test_jobs_are_found_by_the_start_of_any_word_of_texts_parts_and_findings(): void
    {
        $one = $this->job(['title' => 'Ploegwagen Überführung', 'customer' => 'Ostwick', 'vehicle' => 'Row-crop tractor', 'notes' => 'Rear tank leaks.']);
        $this->job(['title' => 'Other']);
        foreach (['ploeg', 'UBERF', 'ostw tank', 'row-crop', 'tractor 3 mm'] as $words) {
            self::assertSame([$one], $this->found(['search' => $words]), $words);
        }
        self::assertSame([], $this->found(['search' => 'ostwick other']));
        self::assertCount(2, $this->found(['search' => '  ']));
        self::assertSame([], $this->found(['search' => 'nowhere " OR title:* NEAR(']), 'what the index would take for an order is a word');

        $this->change($one, 1, ['/job/title' => 'Renamed']);
        self::assertSame([], $this->found(['search' => 'ploeg']));
        self::assertSame([$one], $this->found(['search' => 'renamed']));
        $this->change($one, 2, ['/fans/0/polarityReversed' => true]);
        self::assertSame([$one], $this->found(['search' => 'wrong way']));
    }

    public function test_jobs_are_filtered_by_what_stands_against_them(): void
    {
        $sound = $this->job([]);
        $bad = $this->job([]);
        $this->change($bad, 1, ['/fans/0/polarityReversed' => true]);
        self::assertSame([$bad], $this->found(['state' => 'danger']));
        self::assertSame([$sound], $this->found(['state' => 'not-proven']));
        $this->getJson("/api/jobs/{$sound}/proof")->assertOk();
        self::assertSame([$sound], $this->found(['state' => 'sound']));
    }

    public function test_the_archive_and_the_bin_are_places_of_their_own(): void
    {
        $id = $this->job([]);
        $this->getJson("/api/jobs/{$id}/proof")->assertOk();
        $this->postJson("/api/jobs/{$id}/archive", ['version' => 1, 'isArchived' => true])->assertNoContent();
        self::assertSame([[], [$id], []], array_map(fn (string $in): array => $this->found(['in' => $in]), ['desk', 'archive', 'bin']));
        $this->getJson("/api/jobs/{$id}")->assertOk();
        $this->deleteJson("/api/jobs/{$id}", ['version' => 2])->assertNoContent();
        self::assertSame([[], [], [$id]], array_map(fn (string $in): array => $this->found(['in' => $in]), ['desk', 'archive', 'bin']));
        self::assertSame([$id], $this->found(['in' => 'bin', 'state' => 'sound']));
        $this->getJson('/api/jobs?in=bin')->assertJsonPath('rows.0.isProven', true);
        $this->postJson("/api/jobs/{$id}/restore")->assertNoContent();
        $this->postJson("/api/jobs/{$id}/archive", ['version' => 3, 'isArchived' => false])->assertNoContent();
        self::assertSame([$id], $this->found([]));
    }

    public function test_what_is_erased_leaves_nothing_and_only_the_bin_is_erased(): void
    {
        $id = $this->job(['customer' => 'Mrs Quillfeather']);
        $this->postJson("/api/jobs/{$id}/erase", ['version' => 1])->assertNotFound();
        $this->deleteJson("/api/jobs/{$id}", ['version' => 1])->assertNoContent();
        $this->postJson("/api/jobs/{$id}/erase", ['version' => 1])->assertConflict();
        $this->postJson("/api/jobs/{$id}/erase", ['version' => 2])->assertNoContent();

        self::assertSame([0, 0, 0], [Job::withTrashed()->count(), DB::table('revisions')->count(), DB::table('job_texts')->count()]);
        self::assertSame([], DB::select('SELECT rowid FROM job_words WHERE job_words MATCH ?', ['quillfeather']));
    }

    public function test_a_duplicate_is_a_job_of_its_own_without_the_customer(): void
    {
        $id = $this->job(['customer' => 'Ostwick', 'title' => 'Tractor']);
        $copy = $this->postJson("/api/jobs/{$id}/duplicate")->assertCreated();

        self::assertSame(['Tractor, copy', ''], [$copy->json('file.job.title'), $copy->json('file.job.customer')]);
        self::assertNotSame($id, $copy->json('id'));
    }

    public function test_what_this_program_sizes_otherwise_is_said_before_it_is_taken(): void
    {
        $id = $this->job([]);
        $this->getJson("/api/jobs/{$id}")->assertJsonPath('resized', []);
        $sizes = json_decode((string) DB::table('revisions')->where('job_id', $id)->value('sizes'), true);
        $sizes['fan-1-fuse'] = [...$sizes['fan-1-fuse'], 'part' => 'maxi-60', 'label' => '60 A'];
        DB::table('revisions')->where('job_id', $id)->update(['sizes' => json_encode($sizes)]);

        $saved = $this->getJson("/api/jobs/{$id}")->assertJsonCount(1, 'resized')->assertJsonPath('resized.0.before', '60 A');
        $this->assertFits('saved-job', (string) $saved->getContent());
        $this->postJson("/api/jobs/{$id}/sizes", ['version' => 1])->assertOk()->assertJsonPath('resized', [])->assertJsonPath('undoes', 'Sizes of this program taken');
    }

    public function test_a_question_that_makes_no_sense_is_refused_by_its_part(): void
    {
        foreach (['in=attic' => 'in', 'sort=colour' => 'sort', 'state=odd' => 'state', 'after=%25' => 'after', 'search[]=x' => 'search'] as $query => $at) {
            $this->getJson("/api/jobs?{$query}")->assertUnprocessable()->assertJsonPath('problems.0.at', $at);
        }
    }

    /** @param  array<string, string>  $about */
    private function job(array $about): string
    {
        $file = Orchard::file();
        $file['job'] = [...$file['job'], ...$about];

        return $this->postText('/api/jobs/import', JobFile::encode($file))->assertCreated()->json('id');
    }

    /** @param  array<string, mixed>  $changes */
    private function change(string $id, int $version, array $changes): void
    {
        $this->postJson("/api/jobs/{$id}/changes", ['version' => $version, 'label' => 'x', 'changes' => $changes])->assertOk();
    }

    /**
     * @param  array<string, string>  $query
     * @return list<string> ids
     */
    private function found(array $query): array
    {
        $page = $this->getJson('/api/jobs?'.http_build_query($query))->assertOk();
        $this->assertFits('job-list', (string) $page->getContent());

        return array_column($page->json('rows'), 'id');
    }
}
