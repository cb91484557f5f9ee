<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

use Random\Randomizer;

/** A value that a JSON Schema of the API's description allows, as far as the schema tells. */
final readonly class SchemaExample
{
    /** @param array<mixed> $schemas by name */
    public function __construct(private array $schemas, private Randomizer $random)
    {
    }

    /** @param array<mixed> $schema */
    public function of(array $schema, int $depth = 0): mixed
    {
        $reference = $schema['$ref'] ?? null;
        if (\is_string($reference)) {
            $named = $this->schemas[basename($reference)] ?? null;

            return \is_array($named) && str_starts_with($reference, '#/') && $depth < 12 ? $this->of($named, $depth + 1) : null;
        }
        foreach (['oneOf', 'anyOf', 'allOf'] as $choice) {
            $choices = array_values(array_filter(\is_array($schema[$choice] ?? null) ? $schema[$choice] : [], \is_array(...)));
            if ([] !== $choices) {
                return $this->of($choices['allOf' === $choice ? 0 : $this->random->getInt(0, \count($choices) - 1)], $depth + 1);
            }
        }
        if (\is_array($schema['enum'] ?? null) && [] !== $schema['enum']) {
            return $this->pick(array_values($schema['enum']));
        }
        $types = array_values((array) ($schema['type'] ?? 'object'));

        return match ([] === $types ? 'object' : $this->pick($types)) {
            'null' => null,
            'string' => 'date-time' === ($schema['format'] ?? null)
                ? '2026-03-18T09:00:00.000Z'
                : $this->pick(['x', '2026-03-18', 'D12', '12.5', 'engine_oil']),
            'integer' => $this->random->getInt(
                \is_int($schema['minimum'] ?? null) ? $schema['minimum'] : 0,
                \is_int($schema['maximum'] ?? null) ? $schema['maximum'] : 5,
            ),
            'number' => 1.5,
            'boolean' => $this->random->getInt(0, 1) > 0,
            'array' => $this->items($schema, $depth),
            default => $this->members($schema, $depth),
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return list<mixed>
     */
    private function items(array $schema, int $depth): array
    {
        $items = \is_array($schema['items'] ?? null) ? $schema['items'] : [];
        $least = \is_int($schema['minItems'] ?? null) ? $schema['minItems'] : 1;

        return array_map(fn (): mixed => $this->of($items, $depth + 1), array_fill(0, min($least, 20), 0));
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private function members(array $schema, int $depth): array
    {
        $required = \is_array($schema['required'] ?? null) ? $schema['required'] : [];
        $members = [];
        foreach (\is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $name => $member) {
            if (\is_array($member) && (\in_array($name, $required, true) || $this->random->getInt(0, 9) < 7)) {
                $members[$name] = $this->of($member, $depth + 1);
            }
        }

        return $members;
    }

    /** @param non-empty-list<mixed> $choices */
    private function pick(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, \count($choices) - 1)];
    }
}
