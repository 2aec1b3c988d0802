<?php

declare(strict_types=1);

namespace LampThread\Parts;

/** The rated parts and published tables that ship with the product, and the workshop's own parts beside them. */
final readonly class Shelf
{
    /**
     * @param  array<string, list<Conductor>>  $catalogues  by catalogue, thin to thick
     * @param  list<FusePart>  $fuses  by family, small to large
     * @param  list<RelayPart>  $relays  small to large
     * @param  list<TerminalPart>  $terminals  small to large
     * @param  list<SwitchPart>  $switches  cool to hot
     * @param  array<string, FuseGates>  $gates  by family, the common one first
     * @param  list<array{float, float}>  $ampacityRows  area in mm², current in A
     * @param  array<string, OwnPart>  $own  by id, archived ones too
     */
    private function __construct(
        private array $catalogues,
        private array $fuses,
        private array $relays,
        private array $terminals,
        private array $switches,
        public array $gates,
        public array $ampacityRows,
        public array $own = [],
    ) {}

    public static function standard(): self
    {
        $awg = self::conductors('awg');
        $areaByGauge = [];
        foreach ($awg as $conductor) {
            $areaByGauge[$conductor->designation] = $conductor->areaMm2;
        }

        $gates = [];
        foreach (self::rows('parts/fuse-gates', 'families') as $family) {
            $gates[$family['id']] = new FuseGates(...$family);
        }

        return new self(
            [
                CableCatalogue::Metric->value => self::conductors('metric'),
                CableCatalogue::Awg->value => $awg,
                CableCatalogue::Sae->value => self::conductors('sae'),
            ],
            array_map(static fn (array $part): FusePart => new FusePart(...[...$part, 'gates' => $gates[$part['family']]]), self::rows('parts/fuses', 'parts')),
            array_map(static fn (array $part): RelayPart => new RelayPart(...$part), self::rows('parts/relays', 'parts')),
            array_map(static fn (array $part): TerminalPart => new TerminalPart(...$part), self::rows('parts/terminals', 'parts')),
            array_map(static fn (array $part): SwitchPart => new SwitchPart(...$part), self::rows('parts/switches', 'parts')),
            $gates,
            array_map(
                static fn (array $row): array => [$areaByGauge[$row['awg'].' AWG'], (float) $row['ampacityA']],
                self::rows('conductors/ampacity', 'rows'),
            ),
        );
    }

    /**
     * This shelf with the workshop's own parts among its own, each in its place from small to large; archived ones are only found.
     *
     * @param  list<OwnPart>  $own
     */
    public function with(array $own): self
    {
        $offered = array_values(array_filter($own, static fn (OwnPart $part): bool => ! $part->isArchived));
        $catalogues = $this->catalogues;
        foreach ($offered as $part) {
            if ($part->part instanceof Conductor) {
                $catalogues[(string) $part->values['catalogue']][] = $part->part;
            }
        }

        return new self(
            array_map(
                static fn (array $sizes): array => self::sorted(array_values($sizes), static fn (Conductor $size): array => [$size->areaMm2]), $catalogues,
            ),
            self::sorted([...$this->fuses, ...self::each($offered, FusePart::class)], static fn (FusePart $part): array => [$part->ratedA]),
            self::sorted([...$this->relays, ...self::each($offered, RelayPart::class)], static fn (RelayPart $part): array => [$part->makeA, $part->price]),
            self::sorted(
                [...$this->terminals, ...self::each($offered, TerminalPart::class)], static fn (TerminalPart $part): array => [$part->maxAreaMm2, $part->maxA],
            ),
            self::sorted([...$this->switches, ...self::each($offered, SwitchPart::class)], static fn (SwitchPart $part): array => [$part->onC, $part->offC]),
            $this->gates,
            $this->ampacityRows,
            array_combine(array_map(static fn (OwnPart $part): string => $part->id, $own), $own),
        );
    }

    /**
     * @template T of Part
     *
     * @param  list<OwnPart>  $own
     * @param  class-string<T>  $class
     * @return list<T>
     */
    private static function each(array $own, string $class): array
    {
        $parts = [];
        foreach ($own as $one) {
            if ($one->part instanceof $class) {
                $parts[] = $one->part;
            }
        }

        return $parts;
    }

    /**
     * @template T
     *
     * @param  list<T>  $parts
     * @param  \Closure(T): list<float>  $by
     * @return list<T>
     */
    private static function sorted(array $parts, \Closure $by): array
    {
        usort($parts, static fn ($a, $b): int => $by($a) <=> $by($b));

        return $parts;
    }

    /** @return list<Conductor> thin to thick */
    public function catalogue(CableCatalogue $catalogue): array
    {
        return $this->catalogues[$catalogue->value];
    }

    /** @return list<FusePart> small to large */
    public function fuses(string $family): array
    {
        return array_values(array_filter($this->fuses, static fn (FusePart $part): bool => $part->family === $family));
    }

    /** @return list<FusePart> small to large; of one rating the common family first; breakers, which are only ever pinned, last */
    public function allFuses(): array
    {
        $families = array_flip(array_keys($this->gates));
        $fuses = $this->fuses;
        usort(
            $fuses,
            static fn (FusePart $a, FusePart $b): int => [
                $a->isResettable(), $a->ratedA, $families[$a->family],
            ] <=> [$b->isResettable(), $b->ratedA, $families[$b->family]],
        );

        return $fuses;
    }

    /** @return list<RelayPart> with a coil for this system voltage, small to large */
    public function relays(int $systemV): array
    {
        return array_values(array_filter($this->relays, static fn (RelayPart $part): bool => $part->coilV === $systemV));
    }

    /** Opening times taken where a fuse's family is not known: those of the common one. */
    public function usualGates(): FuseGates
    {
        return $this->gates['blade'];
    }

    /** @return list<TerminalPart> */
    public function terminals(): array
    {
        return $this->terminals;
    }

    /** @return list<SwitchPart> cool to hot */
    public function switches(): array
    {
        return $this->switches;
    }

    public function conductor(string $id): ?Conductor
    {
        return self::find(array_merge(...array_values($this->catalogues)), $id) ?? $this->archived($id, Conductor::class);
    }

    public function fuse(string $id): ?FusePart
    {
        if ($id === FusePart::NONE) {
            return FusePart::none($this->usualGates());
        }

        return self::find($this->fuses, $id) ?? $this->archived($id, FusePart::class);
    }

    public function relay(string $id): ?RelayPart
    {
        return self::find($this->relays, $id) ?? $this->archived($id, RelayPart::class);
    }

    /**
     * @template T of Part
     *
     * @param  class-string<T>  $class
     * @return T|null
     */
    private function archived(string $id, string $class): ?Part
    {
        $part = ($this->own[$id] ?? null)?->part;

        return $part instanceof $class ? $part : null;
    }

    /**
     * @template T of Part
     *
     * @param  list<T>  $parts
     * @return T|null
     */
    private static function find(array $parts, string $id): ?Part
    {
        foreach ($parts as $part) {
            if ($part->id() === $id) {
                return $part;
            }
        }

        return null;
    }

    /** @return list<Conductor> */
    private static function conductors(string $name): array
    {
        return array_map(static fn (array $size): Conductor => new Conductor(...$size), self::rows("conductors/{$name}", 'sizes'));
    }

    /** @return list<array<string, mixed>> */
    private static function rows(string $file, string $of): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../data/{$file}.json"), true, flags: JSON_THROW_ON_ERROR)[$of];
    }
}
