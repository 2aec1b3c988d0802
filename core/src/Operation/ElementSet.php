<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Network\Element\Element;

/**
 * What a circuit is made of electrically with every part in one position.
 *
 * @internal
 */
final readonly class ElementSet
{
    /**
     * @param  string  $key  the same for two that are made of the same elements
     * @param  list<Element>  $elements  of all parts
     * @param  array<string, list<Element>>  $byPart  by component or wire
     */
    public function __construct(public string $key, public array $elements, public array $byPart) {}
}
