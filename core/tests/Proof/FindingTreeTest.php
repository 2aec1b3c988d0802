<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\FindingTree;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One finding for each cause; what only follows from it stands under it. */
final class FindingTreeTest extends TestCase
{
    /**
     * @param  list<array{string, string}>  $found  code and subject
     * @param  list<string>  $stand  codes that stand by themselves
     */
    #[TestWith([[['fuse-raised', 'fan-1-fuse'], ['fuse-over-wire', 'fan-1-wire']], ['fuse-raised']])]
    #[TestWith([[['fuse-over-wire', 'fan-1-wire'], ['fuse-raised', 'fan-1-fuse']], ['fuse-raised']])]
    #[TestWith([[['fuse-over-wire', 'fan-1-wire']], ['fuse-over-wire']])]
    #[TestWith([[['not-rests', 'fan-1'], ['not-rests', 'fan-2']], ['not-rests', 'not-rests']])]
    #[TestWith([[['on-late', 'stage-1-switch'], ['drive-past-ceiling', 'fan-1']], ['on-late']])]
    #[TestWith([[['drive-past-ceiling', 'fan-1']], ['drive-past-ceiling']])]
    #[TestWith([[['feed-without-fuse', 'fan-1-fuse'], ['nothing-fits', 'fan-1-wire']], ['feed-without-fuse']])]
    #[TestWith([[['feed-without-fuse', 'fan-1-fuse'], ['nothing-fits', 'fan-1-relay']], ['feed-without-fuse']])]
    #[TestWith([[['feed-without-fuse', 'fan-1-fuse'], ['nothing-fits', 'trigger-wire']], ['feed-without-fuse', 'nothing-fits']])]
    #[TestWith([[['trigger-fuse-too-large', 'coil-fuse'], ['fuse-over-wire', 'trigger-wire']], ['trigger-fuse-too-large']])]
    #[TestWith([[['feed-without-fuse', 'fan-1-fuse'], ['joint-drop', 'earth-bay']], ['feed-without-fuse']])]
    #[TestWith([[['feed-without-fuse', 'fan-1-fuse'], ['joint-drop', 'earth-radiator']], ['feed-without-fuse', 'joint-drop']])]
    #[TestWith([[['trigger-fuse-too-large', 'coil-fuse'], ['fuse-over-wire', 'fan-1-wire']], ['trigger-fuse-too-large', 'fuse-over-wire']])]
    public function test_what_follows_from_another_stands_under_it(array $found, array $stand): void
    {
        $findings = array_map(static fn (array $one): Finding => new Finding($one[0], Severity::Warning, $one[1], '/control'), $found);
        $tree = FindingTree::of($findings, Orchard::sizing());

        self::assertSame($stand, array_map(static fn (Finding $one): string => $one->code, $tree));
        self::assertSame(count($found) - count($stand), array_sum(array_map(static fn (Finding $one): int => count($one->consequences), $tree)));
    }

    /** A danger stands before a warning, a warning before a note; under a cause the worst of what follows counts. */
    public function test_the_worst_stands_first(): void
    {
        $of = static fn (string $code, Severity $severity): Finding => new Finding($code, $severity, $code, '/control');
        $tree = FindingTree::of([
            $of('drop-in-all', Severity::Note), $of('off-low', Severity::Warning), $of('on-late', Severity::Note), $of('drive-past-ceiling', Severity::Danger),
        ], Orchard::sizing());

        self::assertSame(['on-late', 'off-low', 'drop-in-all'], array_map(static fn (Finding $one): string => $one->code, $tree));
        self::assertSame(Severity::Danger, $tree[0]->severity);
    }
}
