<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\Unit;

/** What schema/job.json says of each place of a job file: which unit a number there has, and where an object stands. */
final class JobSchema
{
    private static ?self $standard = null;

    /** @var array<string, \stdClass> by file name */
    private array $documents = [];

    /** Read once in a process: the files do not change while it runs. */
    public static function standard(): self
    {
        return self::$standard ??= new self;
    }

    /**
     * The unit of the number at a place.
     *
     * @param  array<string, mixed>  $file  which says what kind of thing stands at a place that may hold several
     * @return Unit|null null where no number stands
     */
    public function unitAt(string $pointer, array $file): ?Unit
    {
        $unit = $this->at($pointer, $file)->unit ?? null;

        return is_string($unit) ? Unit::from($unit) : null;
    }

    /**
     * Whether an object stands at a place, or could.
     *
     * @param  array<string, mixed>  $file
     */
    public function isObjectAt(string $pointer, array $file): bool
    {
        return ($this->at($pointer, $file)->type ?? null) === 'object';
    }

    /**
     * Whether nothing, told as such, can stand at a place.
     *
     * @param  array<string, mixed>  $file
     */
    public function takesNullAt(string $pointer, array $file): bool
    {
        $schema = $this->at($pointer, $file, isMeant: false);
        $branches = array_map($this->resolved(...), $schema->anyOf ?? []);

        return in_array('null', (array) ($schema->type ?? []), true) || in_array(null, $schema->enum ?? [0], true)
            || in_array('null', array_map(static fn (\stdClass $branch): mixed => $branch->type ?? null, $branches), true);
    }

    /**
     * @param  array<string, mixed>  $file
     * @param  bool  $isMeant  whether of several branches the one that is meant is wanted, or all of them as they stand
     */
    private function at(string $pointer, array $file, bool $isMeant = true): ?\stdClass
    {
        $schema = $this->root();
        $at = $file;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $step = str_replace(['~1', '~0'], ['/', '~'], $step);
            $schema = $schema === null ? null : $this->below($this->meant($schema, $at), $step);
            $at = is_array($at) ? $at[$step] ?? null : null;
        }

        return $schema === null ? null : ($isMeant ? $this->meant($schema, $at) : $this->resolved($schema));
    }

    /**
     * An object without entries is a list to PHP once it has been read; here it is an object again.
     *
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    public function withObjects(array $file): array
    {
        $restored = $this->restored($this->root(), $file);

        return is_array($restored) ? $restored : [];
    }

    /**
     * The same for changes of a file.
     *
     * @param  array<string, mixed>  $changes  place to value
     * @return array<string, mixed>
     */
    public function changesWithObjects(array $changes): array
    {
        $restored = [];
        foreach ($changes as $pointer => $value) {
            $restored[$pointer] = $this->restored($this->at($pointer, []), $value);
        }

        return $restored;
    }

    /**
     * Every place that can be told, its lists and maps entered once: `/fans/*\/runA`.
     *
     * @return array<string, \stdClass> pointer to what the schema says of it
     */
    public function leaves(): array
    {
        return iterator_to_array($this->leavesBelow($this->root(), ''));
    }

    /** @return iterable<string, \stdClass> */
    private function leavesBelow(\stdClass $schema, string $at): iterable
    {
        $schema = $this->resolved($schema);
        $branches = [...$schema->anyOf ?? [], ...$schema->oneOf ?? []];
        $isOpen = isset($schema->items) || isset($schema->additionalProperties) || isset($schema->properties) || $branches !== [];
        if (! $isOpen && ($schema->type ?? '') !== 'null') {
            yield $at => $schema;
        }
        foreach ($branches as $branch) {
            yield from $this->leavesBelow($branch, $at);
        }
        foreach (isset($schema->oneOf) ? [] : get_object_vars($schema->properties ?? new \stdClass) as $name => $property) {
            yield from $this->leavesBelow($property, "{$at}/{$name}");
        }
        foreach ([$schema->items ?? null, $schema->additionalProperties ?? null] as $each) {
            if ($each instanceof \stdClass) {
                yield from $this->leavesBelow($each, "{$at}/*");
            }
        }
    }

    private function restored(?\stdClass $schema, mixed $data): mixed
    {
        if (! is_array($data) || $schema === null) {
            return $data;
        }
        $schema = $this->meant($schema, $data);
        $restored = [];
        foreach ($data as $name => $value) {
            $restored[$name] = $this->restored($this->below($schema, (string) $name), $value);
        }

        return $restored === [] && ($schema->type ?? null) === 'object' ? new \stdClass : $restored;
    }

    /** What the schema says of an entry; null where there is to be none. */
    private function below(\stdClass $schema, string $name): ?\stdClass
    {
        $found = $schema->properties->{$name} ?? $schema->items ?? $schema->additionalProperties ?? null;

        return $found instanceof \stdClass ? $found : null;
    }

    /** Of several branches the one that is meant: not the null, and of the kind that is told. */
    private function meant(\stdClass $schema, mixed $data): \stdClass
    {
        $schema = $this->resolved($schema);
        $kind = is_array($data) ? $data['kind'] ?? null : null;
        foreach ([...$schema->anyOf ?? [], ...$schema->oneOf ?? []] as $branch) {
            $branch = $this->resolved($branch);
            $of = $branch->properties->kind->const ?? null;
            if (($branch->type ?? null) !== 'null' && ($of === null || $of === $kind)) {
                return $this->meant($branch, $data);
            }
        }

        return $schema;
    }

    /** A reference is followed; it names its document by itself from then on. */
    private function resolved(\stdClass $schema): \stdClass
    {
        if (! isset($schema->{'$ref'})) {
            return $schema;
        }
        [$document, $fragment] = [...explode('#/$defs/', $schema->{'$ref'}), ''];
        $whole = $this->document($document);

        return $this->resolved($fragment === '' ? $whole : $whole->{'$defs'}->{$fragment});
    }

    private function root(): \stdClass
    {
        return $this->document('job.json');
    }

    private function document(string $name): \stdClass
    {
        return $this->documents[$name] ??= self::absolute(
            json_decode((string) file_get_contents(__DIR__."/../../../schema/{$name}"), false, flags: JSON_THROW_ON_ERROR), $name,
        );
    }

    /** References within a document name it too, so that they can be followed from anywhere. */
    private static function absolute(mixed $schema, string $document): mixed
    {
        if (is_array($schema)) {
            return array_map(static fn (mixed $one): mixed => self::absolute($one, $document), $schema);
        }
        if ($schema instanceof \stdClass) {
            foreach (get_object_vars($schema) as $name => $value) {
                $isOwn = $name === '$ref' && is_string($value) && str_starts_with($value, '#');
                $schema->{$name} = $isOwn ? $document.$value : self::absolute($value, $document);
            }
        }

        return $schema;
    }
}
