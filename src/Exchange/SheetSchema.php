<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\SpecBook\Field\Column;
use FreshTack\Core\SpecBook\Field\ColumnKind;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\TableReader;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\TaskNeeds;
use FreshTack\Core\SpecBook\ValueKind;

/**
 * The JSON Schema of spec sheets, made from Core's own table of fields: docs/formats/spec-sheet.schema.json is what
 * `bin/console spec:schema` prints, and a test holds the two together.
 *
 * @phpstan-type Node array<string, mixed>
 */
final readonly class SheetSchema
{
    private const DECIMAL = '^\d{1,12}(\.\d{1,12})?$';
    /** What a line of text may hold: not only blanks, and nothing that nobody sees. The last four turn its direction. */
    private const LINE = '^(?=[\s\S]*\S)[^\x00-\x1F\x7F-\x9F'.self::TURNING.']*$';
    private const WORDS = '^(?=[\s\S]*\S)[^\x00-\x08\x0B\x0C\x0E-\x1F\x7F-\x9F'.self::TURNING.']*$';
    private const TURNING = "\u{202A}-\u{202E}\u{2066}-\u{2069}";
    private const FRACTION = '^(\d{1,3} )?\d{1,2}/(2|4|8|16|32|64)$';
    /** Of an interval: never none. */
    private const HOURS = '^(?=.*[1-9])\d{1,6}(\.\d)?$';
    private const TURNS = '^(?:(\d{1,2}) )?(\d{1,2})/([1-9]\d?)$|^(\d{1,2}(?:\.\d{1,3})?)$';

    /** As docs/formats keeps it: a line for each value. */
    public static function written(): string
    {
        // written as escapes, so that the file itself can be read
        $escapes = ["\u{202A}" => '\u202a', "\u{202E}" => '\u202e', "\u{2066}" => '\u2066', "\u{2069}" => '\u2069'];

        return strtr(Json::outline(self::document(), 4)."\n", $escapes);
    }

    /** @return Node */
    public static function document(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'urn:fresh-tack:spec-sheet:1',
            'title' => 'Spec sheet',
            'description' => 'One revision of what is known about one range of engines. A value that is null, absent, without a source, or taken from a family and not confirmed is a hole: it is shown, and blocks the tasks that need it.',
            ...self::object([
                'format' => ['const' => SheetReader::FORMAT],
                'id' => [
                    ...self::text(Width::SHEET_ID),
                    'pattern' => '^[a-z0-9][a-z0-9-]*$',
                    'description' => 'The name of the sheet, the same in all its revisions.',
                ],
                'revision' => self::whole(1, 9999),
                'status' => ['enum' => array_column(SheetStatus::cases(), 'value')],
                'author' => self::text(Width::PERSON),
                '?reviewer' => [
                    ...self::text(Width::PERSON),
                    'type' => ['string', 'null'],
                    'description' => 'Somebody other than the author; null as long as it is a draft.',
                ],
                '?family' => ['type' => 'boolean', 'description' => 'True for a sheet that applies to no engine by itself, but that others name as their base.'],
                '?base' => [
                    'oneOf' => [
                        self::object(['sheet' => self::text(Width::SHEET_ID), 'revision' => self::whole(1, 9999)]),
                        ['type' => 'null'],
                    ],
                    'description' => 'The family sheet that this one builds on, by its exact revision.',
                ],
                '?confirms' => ['type' => 'array', 'maxItems' => 500, 'items' => ['enum' => array_column(self::fields(), 'value')], 'description' => 'Safety-relevant values of the base that were looked up for these engines and count here.'],
                '?note' => [
                    'type' => ['string', 'null'],
                    'maxLength' => 1000,
                    'pattern' => '^$|'.self::WORDS,
                    'description' => 'What this revision changes, and why.',
                ],
                'appliesTo' => self::applies(),
                'sources' => [
                    'type' => 'object',
                    'additionalProperties' => self::object([
                        'document' => self::text(Width::SOURCE_DOCUMENT),
                        'revision' => self::text(Width::SOURCE_REVISION),
                    ]),
                    'description' => 'The documents that values name by their keys here.',
                ],
                'values' => self::object(self::values()),
            ]),
            'allOf' => [[
                'if' => ['properties' => ['status' => ['enum' => ['reviewed', 'published', 'withdrawn']]]],
                'then' => ['required' => ['reviewer'], 'properties' => ['reviewer' => ['type' => 'string']]],
            ]],
            'if' => ['properties' => ['family' => ['const' => true]], 'required' => ['family']],
            'then' => ['properties' => ['appliesTo' => ['properties' => ['models' => ['maxItems' => 0], 'serials' => ['maxItems' => 0]]]]],
            'else' => ['properties' => ['appliesTo' => ['properties' => ['models' => ['minItems' => 1], 'serials' => ['minItems' => 1]]]]],
            '$defs' => self::kinds(),
        ];
    }

    /** @return Node */
    private static function applies(): array
    {
        return self::object([
            'maker' => self::text(Width::MAKER),
            'models' => ['type' => 'array', 'maxItems' => 50, 'items' => self::text(20)],
            'serials' => [
                'type' => 'array',
                'maxItems' => 200,
                'items' => self::object([
                    'prefix' => self::text(Width::SERIAL_PREFIX),
                    'from' => self::whole(0, 999_999_999),
                    'to' => self::whole(0, 999_999_999),
                ]),
            ],
            '?years' => ['oneOf' => [self::object(['from' => self::whole(1960, 2100), 'to' => self::whole(1960, 2100)]), ['type' => 'null']], 'description' => 'Model years; left out: all.'],
            '?gearcases' => ['type' => ['array', 'null'], 'maxItems' => 20, 'items' => self::text(20), 'description' => 'Gearcase variants; left out: all.'],
        ]);
    }

    /** @return Node */
    private static function values(): array
    {
        $values = [];
        foreach (self::fields() as $field) {
            $values['?'.$field->value] = ['description' => self::described($field), 'oneOf' => [self::valueOf($field), ['type' => 'null']]];
        }

        return $values;
    }

    /** @return list<SheetField> */
    private static function fields(): array
    {
        return array_values(array_filter(SheetField::cases(), static fn (SheetField $field): bool => !$field->isOfBoat()));
    }

    private static function described(SheetField $field): string
    {
        $usual = $field->spec()->usual;
        $needing = array_filter(Task::cases(), static fn (Task $task): bool => \in_array($field, TaskNeeds::ever($task), true));
        $tasks = implode(', ', array_map(static fn (Task $task): string => lcfirst($task->title()), $needing));

        return implode(' ', array_filter([
            ucfirst($field->label()).'.',
            null === $usual ? null : "Left out: $usual.",
            '' === $tasks ? null : "Needed for: $tasks.",
            $field->kind()->isSafetyRelevant() ? 'Taken from a family it counts only once it is confirmed.' : null,
        ], \is_string(...)));
    }

    /** @return Node */
    private static function valueOf(SheetField $field): array
    {
        return match ($field->kind()) {
            ValueKind::Choice => self::sourced(['value' => ['enum' => $field->options()]]),
            ValueKind::Choices => self::sourced(['values' => ['type' => 'array', 'minItems' => 1, 'maxItems' => \count($field->options()), 'items' => ['enum' => $field->options()]]]),
            ValueKind::Table => self::sourced(['rows' => ['type' => 'array', 'minItems' => 1, 'maxItems' => TableReader::MOST_ROWS, 'items' => self::row($field->spec()->columns)]]),
            default => ['$ref' => '#/$defs/'.$field->kind()->value],
        };
    }

    /**
     * @param list<Column> $columns
     *
     * @return Node
     */
    private static function row(array $columns): array
    {
        $cells = [];
        foreach ($columns as $column) {
            $cell = self::cell($column);
            $told = ucfirst($column->label).'.'.match ($column->key) {
                'operation' => ' The id of an operation in the book\'s procedures, such as drain-valve.',
                'covers' => ' Words: which of the lines it takes the place of.',
                'renewAt' => ' Share of the new anode that is left, in per cent.',
                default => '',
            };
            $cells[($column->required ? '' : '?').$column->key] = $column->required
                ? [...$cell, 'description' => $told]
                : ['description' => $told, 'oneOf' => [$cell, ['type' => 'null']]];
        }

        return self::object($cells);
    }

    /** @return Node */
    private static function cell(Column $column): array
    {
        return match ($column->kind) {
            ColumnKind::Text => self::text(200),
            ColumnKind::Part => self::text(40),
            ColumnKind::Texts => ['type' => 'array', 'minItems' => 1, 'maxItems' => 20, 'items' => self::text(80)],
            ColumnKind::Choice => ['enum' => $column->options],
            ColumnKind::Count => self::whole(0, 1000),
            ColumnKind::Percent => self::whole(1, 99),
            ColumnKind::Flag => ['type' => 'boolean'],
            ColumnKind::Length => self::object(self::measured(ValueKind::Length)),
            ColumnKind::Minutes => self::object(['value' => self::whole(0, 2880), 'unit' => ['const' => 'min']]),
        };
    }

    /** @return array<string, Node> */
    private static function kinds(): array
    {
        $decimal = self::decimal();

        return [
            'volume' => self::sourced(self::measured(ValueKind::Volume)),
            'length' => self::sourced(self::measured(ValueKind::Length)),
            'length_range' => self::sourced(['min' => $decimal, 'max' => $decimal, 'unit' => ['enum' => ValueKind::LengthRange->units()]]),
            'mass' => self::sourced(self::measured(ValueKind::Mass)),
            'power' => self::sourced(self::measured(ValueKind::Power)),
            'minutes' => self::sourced(['value' => self::whole(0, 2880), 'unit' => ['const' => 'min']]),
            'turns' => self::sourced(['value' => self::turns()]),
            'count' => self::sourced(['value' => self::whole(0, 1000)]),
            'text' => self::sourced(['value' => self::text(200)]),
            'flag' => self::sourced(['value' => ['type' => 'boolean']]),
            'part' => self::sourced([
                'part' => self::text(Width::PART_NUMBER),
                'count' => [...self::whole(1, 100), 'description' => 'Pieces for one engine.'],
            ]),
            'tightening' => ['description' => 'How a joint is made tight; typed, never free text.', 'oneOf' => self::tightenings()],
            'grades' => self::sourced(['unit' => ['enum' => ValueKind::Grades->units()], 'chart' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 20, 'items' => self::object(['grade' => self::text(20), 'from' => self::whole(-76, 140), 'to' => self::whole(-76, 140), 'preferred' => ['type' => 'boolean']])]]),
            'band' => self::sourced(['low' => $decimal, 'high' => $decimal]),
            'interval' => self::sourced(['?first' => ['oneOf' => [self::limit(), ['type' => 'null']]], 'every' => self::limit(), 'action' => ['enum' => array_column(Action::cases(), 'value')], '?severe' => ['oneOf' => [self::limit(['uses' => ['type' => 'array', 'minItems' => 1, 'items' => ['enum' => array_column(HardUse::cases(), 'value')]]]), ['type' => 'null']]]]),
        ];
    }

    /** @return list<Node> */
    private static function tightenings(): array
    {
        $range = ['min' => self::decimal(), 'nominal' => self::decimal(), 'max' => self::decimal()];
        $torque = ['unit' => ['enum' => ValueKind::Tightening->units()], 'thread' => ['enum' => array_column(ThreadState::cases(), 'value'), 'description' => 'The state of the thread that the figure assumes.'], '?pattern' => ['enum' => [...array_column(Pattern::cases(), 'value'), null]]];
        $turns = ['min' => self::turns(), 'max' => self::turns()];
        $reused = static fn (array $keys): array => ['description' => 'Where a crushed washer is used again.', 'oneOf' => [self::object($keys), ['type' => 'null']]];
        $kind = static fn (string $kind, array $keys): array => self::sourced(['kind' => ['const' => $kind], ...$keys]);

        return [
            $kind('torque', [...$range, ...$torque, '?reused' => $reused($range)]),
            $kind('torque_stages', [
                'stages' => ['type' => 'array', 'minItems' => 2, 'maxItems' => 6, 'items' => self::decimal()],
                'min' => self::decimal(),
                'max' => self::decimal(),
                ...$torque,
                '?angle' => self::angle(),
                '?secondAngle' => self::angle(),
            ]),
            $kind('torque_angle', [...$range, ...$torque, 'angle' => [...self::angle(), 'type' => 'integer'], '?secondAngle' => self::angle()]),
            $kind('turns_after_contact', $turns),
            $kind('turns_after_seating', [...$turns, '?reused' => $reused($turns)]),
            $kind('hand_tight', []),
            $kind('until_click', []),
        ];
    }

    /** @return Node */
    private static function angle(): array
    {
        return [
            'type' => ['integer', 'null'],
            'minimum' => 1,
            'maximum' => 360,
            'description' => 'Degrees by which all are turned on afterwards.',
        ];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return Node
     */
    private static function limit(array $more = []): array
    {
        return [
            ...self::object([
                '?hours' => ['type' => ['string', 'null'], 'pattern' => self::HOURS],
                '?months' => ['type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => 240],
                ...$more,
            ]),
            'anyOf' => [
                ['properties' => ['hours' => ['type' => 'string']], 'required' => ['hours']],
                ['properties' => ['months' => ['type' => 'integer']], 'required' => ['months']],
            ],
        ];
    }

    /** @return array<string, Node> */
    private static function measured(ValueKind $kind): array
    {
        $value = ValueKind::Length === $kind
            ? [
                'type' => 'string',
                'pattern' => self::DECIMAL.'|'.self::FRACTION,
                'description' => 'An exact decimal as text, or a fraction of an inch such as 9/16 or 1 1/16.',
            ]
            : self::decimal();

        return ['value' => $value, 'unit' => ['enum' => $kind->units()]];
    }

    /**
     * @param array<mixed> $keys
     *
     * @return Node
     */
    private static function sourced(array $keys): array
    {
        return [...self::object([
            ...$keys,
            'source' => [
                ...self::text(Width::SOURCE_KEY),
                'type' => ['string', 'null'],
                'description' => 'A key under `sources`; null: nobody has looked it up, so it can\'t be used.',
            ],
            'page' => [...self::text(Width::PAGE), 'type' => ['string', 'null'], 'description' => 'Where in the source it stands.'],
            '?by' => [...self::text(Width::PERSON), 'description' => 'Who entered it, if not the author of the sheet.'],
            '?on' => ['type' => 'string', 'format' => 'date'],
            '?from' => ['type' => 'string', 'description' => 'In a resolved sheet: the family sheet it comes from.'],
            '?confirmed' => ['type' => 'boolean', 'description' => 'In a resolved sheet: whether it counts for these engines.'],
            '?filled' => [...self::object(['by' => self::text(80), 'reason' => self::text(300)]), 'description' => 'In an order: filled in from the manual at hand.'],
        ]), 'if' => ['properties' => ['source' => ['type' => 'string']]], 'then' => ['properties' => ['page' => ['type' => 'string']]]];
    }

    /**
     * @param array<mixed> $keys a leading `?` marks a key that may be left out
     *
     * @return Node
     */
    private static function object(array $keys): array
    {
        $required = array_values(array_filter(array_map(strval(...), array_keys($keys)), static fn (string $key): bool => !str_starts_with($key, '?')));
        $properties = [];
        foreach ($keys as $key => $node) {
            $properties[ltrim((string) $key, '?')] = $node;
        }

        return ['type' => 'object', 'additionalProperties' => false, ...([] === $required ? [] : ['required' => $required]), 'properties' => $properties];
    }

    /** @return Node */
    private static function text(int $most): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $most, 'pattern' => $most <= 200 ? self::LINE : self::WORDS];
    }

    /** @return Node */
    private static function whole(int $least, int $most): array
    {
        return ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
    }

    /** @return Node */
    private static function decimal(): array
    {
        return ['type' => 'string', 'pattern' => self::DECIMAL, 'description' => 'An exact decimal as text.'];
    }

    /** @return Node */
    private static function turns(): array
    {
        return ['type' => 'string', 'pattern' => self::TURNS, 'description' => 'A fraction such as 3/4 or 1 1/2, or a decimal.'];
    }
}
