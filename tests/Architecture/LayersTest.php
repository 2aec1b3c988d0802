<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which room may look into which; PHPStan checks it with phpat. */
final class LayersTest
{
    public function test_the_core_knows_no_framework_and_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread'))
            ->excluding(Selector::inNamespace('LampThread\Tests'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'));
    }

    public function test_a_brief_knows_only_the_shelf(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread\Brief'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('LampThread\Circuit'),
                Selector::inNamespace('LampThread\Electrics'),
                Selector::inNamespace('LampThread\Sizing'),
                Selector::inNamespace('LampThread\Proof'),
                Selector::inNamespace('LampThread\Loom'),
                Selector::inNamespace('LampThread\Exchange'),
            );
    }

    public function test_circuit_and_electrics_know_nothing_of_what_is_made_of_them(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread\Circuit'), Selector::inNamespace('LampThread\Electrics'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('LampThread\Sizing'),
                Selector::inNamespace('LampThread\Proof'),
                Selector::inNamespace('LampThread\Loom'),
                Selector::inNamespace('LampThread\Exchange'),
            );
    }

    public function test_sizing_knows_nothing_of_proof_and_loom(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread\Sizing'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('LampThread\Proof'),
                Selector::inNamespace('LampThread\Loom'),
                Selector::inNamespace('LampThread\Exchange'),
            );
    }

    public function test_road_and_proof_go_their_own_ways(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread\Road'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('LampThread\Proof'), Selector::inNamespace('LampThread\Loom'), Selector::inNamespace('LampThread\Exchange'));
    }

    public function test_only_exchange_reaches_for_the_schema_library(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread'))
            ->excluding(Selector::inNamespace('LampThread\Exchange'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Opis'));
    }
}
