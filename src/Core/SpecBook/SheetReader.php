<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Reading\Width;

/** Reads a decoded spec sheet document (docs/formats/spec-sheet.schema.json). */
final readonly class SheetReader
{
    public const FORMAT = 'fresh-tack/spec-sheet/1';

    private const KEYS = ['format', 'id', 'revision', 'status', 'author', 'reviewer', 'family', 'base', 'confirms', 'note', 'appliesTo', 'sources', 'values'];

    /** @throws InvalidDocument with every flaw and where it stands */
    public static function read(mixed $document): SpecSheet
    {
        $cursor = Cursor::over($document);
        $sheet = self::at($cursor);
        $cursor->flaws->throwIfAny();

        return $sheet;
    }

    /** For a sheet inside another document: the caller throws for the flaws. */
    public static function at(Cursor $cursor): SpecSheet
    {
        $cursor->knowsOnly(...self::KEYS);
        if (self::FORMAT !== $cursor->at('format')->raw()) {
            $cursor->at('format')->flaw('This must be "'.self::FORMAT.'".');
        }
        $head = SheetHeadReader::at($cursor);
        $values = self::values($cursor->at('values'), self::sources($cursor->at('sources')));
        $sheet = new SpecSheet($head, $cursor->at('author')->string(80), self::reviewer($cursor, $head->status), $values, self::base($cursor->at('base')), self::confirms($cursor->at('confirms')), $cursor->at('note')->optionalString(1000) ?? '');
        self::checkCapacities($sheet, $cursor->at('values'));
        self::checkDrain($sheet, $cursor->at('values'));

        return $sheet;
    }

    private static function reviewer(Cursor $cursor, SheetStatus $status): ?string
    {
        $reviewer = $cursor->at('reviewer');
        if ($reviewer->isNull() && SheetStatus::Draft === $status) {
            return null;
        }
        $name = $reviewer->string(Width::PERSON);
        if ('' !== $name && $name === $cursor->at('author')->raw()) {
            $reviewer->flaw('A sheet is reviewed by somebody other than its author.');
        }

        return $name;
    }

    private static function base(Cursor $base): ?BaseSheet
    {
        if ($base->isNull()) {
            return null;
        }
        $base->knowsOnly('sheet', 'revision');

        return new BaseSheet($base->at('sheet')->string(Width::SHEET_ID), $base->at('revision')->int(1, 9999));
    }

    /** @return list<SheetField> */
    private static function confirms(Cursor $confirms): array
    {
        return $confirms->isNull() ? [] : array_map(static fn (Cursor $path): SheetField => $path->enum(SheetField::class), $confirms->list(0, 500));
    }

    /** @return array<string, Source> */
    private static function sources(Cursor $sources): array
    {
        $read = [];
        foreach ($sources->keys() as $key) {
            $source = $sources->at($key);
            $source->knowsOnly('document', 'revision');
            $read[$key] = new Source($source->at('document')->string(Width::SOURCE_DOCUMENT), $source->at('revision')->string(Width::SOURCE_REVISION), '');
        }

        return $read;
    }

    /**
     * @param array<string, Source> $sources
     *
     * @return array<string, SheetValue>
     */
    private static function values(Cursor $values, array $sources): array
    {
        $read = [];
        foreach ($values->keys() as $path) {
            $field = SheetField::tryFrom($path);
            $value = $values->at($path);
            if (null === $field || $field->isOfBoat()) {
                $value->flaw('No value of this name belongs on a sheet.');
            } elseif (!$value->isNull()) {
                $read[$path] = SheetValueReader::at($field, $value, $sources);
            }
        }

        return array_filter($read, static fn (?SheetValue $value): bool => null !== $value);
    }

    /** Of those that are given: without filter is less than with filter, and that less than the dry engine takes. */
    private static function checkCapacities(SpecSheet $sheet, Cursor $values): void
    {
        $fields = [SheetField::CapacityWithoutFilter, SheetField::CapacityWithFilter, SheetField::CapacityDry];
        $given = array_values(array_filter($fields, static fn (SheetField $field): bool => $sheet->entered($field)?->content instanceof Volume));
        foreach ($given as $place => $field) {
            $larger = isset($given[$place + 1]) ? $sheet->entered($given[$place + 1])?->content : null;
            $smaller = $sheet->entered($field)?->content;
            if ($smaller instanceof Volume && $larger instanceof Volume && $smaller->isAtLeast($larger)) {
                $values->at($field->value)->flaw(\sprintf('The %s must be less than the %s.', $field->label(), $given[$place + 1]->label()));
            }
        }
    }

    private static function checkDrain(SpecSheet $sheet, Cursor $values): void
    {
        $kind = $sheet->text(SheetField::DrainKind);
        $allowed = $sheet->choices(SheetField::DrainAllowed);
        if (null !== $kind && null !== $allowed && !$allowed->has($kind)) {
            $values->at(SheetField::DrainAllowed->value)->flaw(\sprintf('The kind of drain is %s, so that must be among the ways allowed.', $kind));
        }
    }
}
