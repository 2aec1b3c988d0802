<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;

/** The interface of the package taken over in composer.json; the date library names it. */
interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function now(): DateTimeImmutable;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
