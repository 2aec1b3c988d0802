<?php

declare(strict_types=1);

namespace LampThread\Electrics;

/**
 * What a circuit is made of as it stands.
 *
 * @internal
 */
final readonly class Standing
{
    /**
     * @param  string  $key  the same for two that are made of the same elements
     * @param  list<Element\Element>  $elements
     */
    public function __construct(public string $key, public array $elements) {}
}
