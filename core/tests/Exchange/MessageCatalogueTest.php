<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\BenchPresenter;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\MessageCatalogue;
use LampThread\Exchange\ProofPresenter;
use LampThread\Exchange\ShelfPresenter;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Operation\Solver;
use LampThread\Proof\Findings;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every text stands in the catalogue, and nowhere else. */
final class MessageCatalogueTest extends TestCase
{
    private const FILE = __DIR__.'/../../../lang/en.json';

    /** Texts that are data, not words of the program: names of shelf parts, sizes, units, ids, sources of published tables. */
    private const DATA = ['label', 'name', 'part', 'size', 'fuse', 'source', 'fromTerminal', 'toTerminal', 'd', 'cells', 'usual', 'usedBy', 'group', 'value'];

    /** @return array<string, string> */
    private static function patterns(): array
    {
        return json_decode((string) file_get_contents(self::FILE), true, flags: JSON_THROW_ON_ERROR);
    }

    public function test_every_pattern_is_an_icu_message(): void
    {
        foreach (self::patterns() as $code => $pattern) {
            self::assertNotNull(\MessageFormatter::create('en', $pattern), $code);
            self::assertStringNotContainsString("'", $pattern, "{$code}: an apostrophe quotes in ICU; ’ does not");
        }
    }

    public function test_every_code_in_the_source_is_there_and_every_one_there_is_used(): void
    {
        $source = '';
        foreach (['core/src', 'app'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__."/../../../{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
                $source .= $file instanceof \SplFileInfo ? file_get_contents($file->getPathname()) : '';
            }
        }
        $patterns = self::patterns();
        preg_match_all("/Message::of\\(\\s*'([^']+)'/", $source, $literal);
        self::assertSame([], array_values(array_diff($literal[1], array_keys($patterns))));

        preg_match_all('/Message::of\\([^)]*?"([a-z-]+)\\.[^"]*\\{/', $source, $families);
        $families = array_unique($families[1]);
        preg_match_all("/'([a-z-]+\\.[a-z-]+[a-zA-Z.-]*)'/", $source, $quoted);
        $unused = array_filter(array_diff(array_keys($patterns), $quoted[1], [Message::VERBATIM, 'sentences']), static fn (string $code): bool => ! in_array(
            explode('.', $code)[0], [...$families, 'option', 'part-field', 'field', 'why'], true,
        ));
        self::assertSame([], array_values($unused));
    }

    public function test_quantities_have_three_figures_and_their_unit(): void
    {
        $text = static fn (float $value, Unit $unit): string => MessageCatalogue::quantity($unit->of($value));

        self::assertSame('12.9 A', $text(12.94, Unit::Ampere));
        self::assertSame('7 K', $text(7.0, Unit::Kelvin));
        self::assertSame('118 W', $text(117.6, Unit::Watt));
        self::assertSame('0.0053 Ω', $text(0.00531, Unit::Ohm));
        self::assertSame('6', $text(6.0, Unit::One));
        self::assertSame('— s', $text(INF, Unit::Second));
    }

    public function test_a_code_that_is_not_there_is_a_fault_of_ours(): void
    {
        $this->expectException(\OutOfBoundsException::class);
        MessageCatalogue::english()->text(Message::of('no.such-code'));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        foreach (Combination::eachDecider() as $name => $changes) {
            yield $name => [$changes];
        }
        yield 'full of faults' => [
            ['/fans/0/depthMm' => 200, '/fans/0/polarityReversed' => true, '/control/coilFeed' => 'battery', '/pinned/fan-1-wire' => 'metric-0.75'],
        ];
    }

    /**
     * A language that brackets every text: what comes out without brackets was written in the code.
     *
     * @param  array<string, mixed>  $changes
     */
    #[DataProvider('jobs')]
    public function test_nothing_that_is_said_is_baked_in(array $changes): void
    {
        $pseudo = new Wording(new MessageCatalogue(array_map(
            static fn (string $pattern): string => $pattern === '{text}' ? $pattern : "⟦{$pattern}⟧", self::patterns(),
        )));
        $sizing = Orchard::sizing($changes);
        $point = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 850, 100));
        foreach ([
            DesignPresenter::of($sizing, Orchard::shelf(), $pseudo, Findings::of($sizing)),
            ProofPresenter::of(Orchard::evaluated($changes), $pseudo),
            BenchPresenter::of($point, $pseudo),
            ShelfPresenter::of(Orchard::shelf(), [], [], [], $pseudo),
            $pseudo->worded(BriefForm::of($sizing->brief, Orchard::file($changes), VehicleState::Leaves, Orchard::shelf())),
        ] as $answer) {
            self::check(json_decode((string) json_encode($answer), true), '');
        }
    }

    /** @param  array<mixed>  $answer */
    private static function check(array $answer, string $at): void
    {
        $messages = $answer['messages'] ?? [];
        foreach ($answer as $key => $value) {
            if ($key === 'messages' || $key === 'changes') {
                continue;
            }
            if (is_array($value)) {
                self::check($value, is_int($key) ? $at : (string) $key);
            } elseif (is_string($value) && isset($messages[$key])) {
                self::assertTrue($messages[$key]['code'] === Message::VERBATIM || str_starts_with($value, '⟦'), "{$at}/{$key}: {$value}");
            } elseif (is_string($value) && ! str_contains($value, '⟦') && ! in_array(is_int($key) ? $at : $key, self::DATA, true)) {
                self::assertDoesNotMatchRegularExpression('/[a-z] [a-z]/i', $value, "{$at}/{$key} is words");
            }
        }
    }
}
