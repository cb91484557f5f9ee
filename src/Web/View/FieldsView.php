<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Fastening\TighteningReader;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\SpecBook\Field\Column;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetGroup;

/** What an editor has to know to offer the right control for every value of a sheet. */
final readonly class FieldsView
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        return [
            'groups' => array_map(static fn (SheetGroup $group): array => ['id' => $group->value, 'label' => $group->label(), 'fields' => array_map(self::field(...), $group->fields())], SheetGroup::ofSheets()),
            'tightenings' => array_map(static fn (string $kind, array $keys): array => ['kind' => $kind, 'label' => str_replace('_', ' ', $kind), 'keys' => TighteningReader::keys($kind)], array_keys(TighteningReader::KINDS), TighteningReader::KINDS),
            'threads' => array_map(static fn (ThreadState $thread): array => ['id' => $thread->value, 'label' => $thread->label()], ThreadState::cases()),
            'patterns' => array_map(static fn (Pattern $pattern): array => ['id' => $pattern->value, 'label' => $pattern->label()], Pattern::cases()),
            'actions' => array_map(static fn (Action $action): array => ['id' => $action->value, 'label' => $action->value], Action::cases()),
            'uses' => array_map(static fn (HardUse $use): array => ['id' => $use->value, 'label' => $use->label()], HardUse::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(SheetField $field): array
    {
        return [
            'path' => $field->value,
            'label' => $field->label(),
            'kind' => $field->kind()->value,
            'options' => $field->options(),
            'units' => $field->kind()->units(),
            'safety' => $field->kind()->isSafetyRelevant(),
            'columns' => array_map(static fn (Column $column): array => ['key' => $column->key, 'label' => $column->label, 'kind' => $column->kind->value, 'required' => $column->required, 'options' => $column->options], $field->spec()->columns),
        ];
    }
}
