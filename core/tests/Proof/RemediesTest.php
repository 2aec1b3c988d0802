<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Proof\Finding\Finding;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What is offered to mend the mistakes the trade knows: it helps, and says what it takes away and costs. */
final class RemediesTest extends TestCase
{
    /**
     * Every remedy that is offered has been tried; here it is tried once more.
     *
     * @param  array<string, mixed>  $mistake
     */
    #[DataProviderExternal(TradeMistakesTest::class, 'mistakes')]
    public function test_a_remedy_that_is_offered_works_and_says_what_it_takes_away(string $code, array $mistake): void
    {
        foreach (self::findings($mistake) as $finding) {
            foreach ($finding->remedies as $remedy) {
                self::assertContainsEquals($finding->title(), $remedy->removes);
                self::assertNotNull($remedy->cost);
                self::assertNotContains($finding->code.$finding->subject, array_map(
                    static fn (Finding $one): string => $one->code.$one->subject,
                    self::findings([...$mistake, ...$remedy->changes]),
                ), $remedy->label->code);
            }
        }
        $this->addToAssertionCount(1);
    }

    public function test_a_remedy_that_does_not_help_is_not_offered(): void
    {
        // Unpinned, nothing on the shelf is enough for this start either.
        foreach (self::findings(['/fans/0/startA' => 600, '/pinned/fan-1-relay' => 'mini-40-12v']) as $finding) {
            if ($finding->code === 'relay-over-inrush') {
                self::assertSame([], $finding->remedies);
            }
        }
        self::assertContains('relay-over-inrush', array_map(
            static fn (Finding $finding): string => $finding->code, self::findings(['/fans/0/startA' => 600, '/pinned/fan-1-relay' => 'mini-40-12v']),
        ));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<Finding>
     */
    private static function findings(array $changes): array
    {
        return Orchard::evaluated($changes)->findings;
    }
}
