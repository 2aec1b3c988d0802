<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What is printed of a job, read back with poppler's tools. */
final class PapersTest extends TestCase
{
    public function test_what_people_write_is_text_on_paper_and_nothing_else(): void
    {
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => [
            '/job/title' => '<b>Pump</b> & "cart"', '/job/notes' => '<img src="file:///etc/passwd"> <script>x</script> Ω äöü',
        ]])->assertOk();
        $note = '<style>*{display:none}</style>{{ 7 * 7 }} @php(exit)';
        $this->postJson("/api/jobs/{$id}/records", ['records' => [
            ['id' => 'abcdef012345', 'kind' => 'note', 'step' => '', 'by' => '<i>MK</i>', 'at' => gmdate('c'), 'text' => $note],
        ]])->assertOk();
        $text = self::text((string) $this->get("/api/jobs/{$id}/dossier.pdf")->assertOk()->getContent());
        foreach (['<b>Pump</b> & "cart"', '<img src="file:///etc/passwd">', 'Ω äöü', '{{ 7 * 7 }}', '<i>MK</i>'] as $written) {
            self::assertStringContainsString($written, $text);
        }
        self::assertStringNotContainsString('root:', $text);
        self::assertStringContainsString('Cut list', $text, 'nothing was hidden');
    }

    public function test_before_and_after_stand_in_the_dossier_once_there_are_both(): void
    {
        $id = $this->orchard()['id'];
        $log = function (string $taken, float $coolantC) use ($id): void {
            $rows = implode("\n", array_map(static fn (int $timeS): string => "{$timeS},{$coolantC},22,0", range(0, 600, 10)));
            $mapping = ['time' => ['column' => 0, 'unit' => 's'], 'coolant' => ['column' => 1, 'unit' => 'C'], 'ambient' => ['column' => 2, 'unit' => 'C'],
                'speed' => ['column' => 3, 'unit' => 'km/h']];
            $query = http_build_query(['name' => $taken, 'taken' => $taken, 'mapping' => json_encode($mapping)]);
            $this->postCsv("/api/jobs/{$id}/logs?{$query}", "time,coolant,ambient,speed\n{$rows}\n")->assertCreated();
        };
        $dossier = fn (): string => self::text((string) $this->get("/api/jobs/{$id}/dossier.pdf")->assertOk()->getContent());
        $log('before', 98);
        self::assertStringNotContainsString('Before and after', $dossier());
        $log('after', 89);
        $text = $dossier();
        self::assertStringContainsString('Before and after', $text);
        self::assertMatchesRegularExpression('/76\.0 K\s+67\.0 K\s+-9\.0 ± \d\.\d K/', $text);
    }

    /** Two people, each with a page of before: what each has typed stays. */
    public function test_two_people_keep_different_fields_of_the_workshop(): void
    {
        $this->postJson('/api/workshop', ['name' => 'Lantern Lane Motors'])->assertOk();
        $this->postJson('/api/workshop', ['hourPrice' => 62.5])->assertOk()->assertExactJson([
            'name' => 'Lantern Lane Motors', 'address' => '', 'money' => '', 'hourPrice' => 62.5,
        ]);
        $this->postJson('/api/workshop', [])->assertUnprocessable();
        $this->postJson('/api/workshop', ['colour' => 'green'])->assertUnprocessable();
    }

    public function test_the_workshop_stands_on_its_papers_with_what_its_hours_cost(): void
    {
        $id = $this->orchard()['id'];
        $this->getJson('/api/workshop')->assertOk()->assertExactJson(['name' => '', 'address' => '', 'money' => '', 'hourPrice' => 0]);
        $workshop = ['name' => 'Lantern Lane Motors', 'address' => "3 Lantern Lane\nSaltmarsh", 'money' => 'Fl', 'hourPrice' => 60];
        $this->postJson('/api/workshop', $workshop)->assertOk();
        $this->assertFits('workshop', (string) $this->getJson('/api/workshop')->getContent());
        $text = self::text((string) $this->get("/api/jobs/{$id}/dossier.pdf")->assertOk()->getContent());
        foreach (['Lantern Lane Motors', 'Saltmarsh', '60.00 Fl an hour'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        foreach ([[...$workshop, 'hourPrice' => -1], [...$workshop, 'money' => str_repeat('x', 9)]] as $wrong) {
            $this->postJson('/api/workshop', $wrong)->assertUnprocessable();
        }
        self::assertSame('Lantern Lane Motors', $this->getJson('/api/workshop')->json('name'));
    }

    public function test_each_wire_has_a_label_for_either_end(): void
    {
        $job = $this->orchard();
        $text = self::text((string) $this->get("/api/jobs/{$job['id']}/labels.pdf?paper=letter")->assertOk()->getContent());
        foreach ($job['design']['wires'] as $wire) {
            self::assertGreaterThanOrEqual(2, preg_match_all('/\b'.$wire['id'].'\b/', $text), $wire['id']);
        }
        self::assertSame(2 * count($job['design']['wires']), substr_count($text, 'here '));
        $this->get("/api/jobs/{$job['id']}/labels.pdf?paper=a9")->assertUnprocessable()->assertJsonPath('problems.0.at', '/paper');
    }

    public function test_parts_go_out_as_a_spreadsheet_whose_numbers_are_numbers(): void
    {
        $job = $this->orchard();
        $answer = $this->get("/api/jobs/{$job['id']}/parts.fods")->assertOk();
        $xml = new \SimpleXMLElement((string) $answer->getContent());
        $rows = $xml->xpath('//table:table-row') ?: [];
        self::assertCount(count($job['design']['parts']) + 1, $rows);
        $first = $job['design']['parts'][0];
        self::assertSame($first['part'], (string) ($xml->xpath('//table:table-row[2]/table:table-cell[1]/text:p') ?: [''])[0]);
        self::assertSame('float', (string) ($xml->xpath('//table:table-row[2]/table:table-cell[5]/@office:value-type') ?: [''])[0]);
        self::assertEqualsWithDelta($first['price'], (float) ($xml->xpath('//table:table-row[2]/table:table-cell[5]/@office:value') ?: ['0'])[0], 1e-9);
    }

    public function test_no_table_loses_its_head_on_the_next_page(): void
    {
        $id = $this->orchard()['id'];
        $pages = explode("\f", self::text((string) $this->get("/api/jobs/{$id}/dossier.pdf")->assertOk()->getContent()));
        $tests = array_filter($pages, static fn (string $page): bool => str_contains($page, 'Should read'));
        self::assertGreaterThan(1, count($tests));
        foreach ($pages as $at => $page) {
            if (trim($page) !== '') {
                self::assertStringContainsString('page '.($at + 1).' of '.(count($pages) - 1), $page);
            }
        }
    }

    private static function text(string $pdf): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($path, $pdf);
        $text = (string) shell_exec("pdftotext -layout {$path} -");
        unlink($path);

        return $text;
    }
}
