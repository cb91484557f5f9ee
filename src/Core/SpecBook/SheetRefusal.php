<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

final readonly class SheetRefusal
{
    /** @param list<string> $sheets the sheets that matter to the refusal */
    private function __construct(public RefusalReason $reason, public string $message, public string $remedy, public array $sheets)
    {
    }

    public static function notFourStroke(EngineModel $model): self
    {
        return new self(RefusalReason::NotFourStroke, \sprintf('%s is a %s engine: this shop\'s periodic orders are for four-strokes only.', $model->code, $model->cycle->label()), 'Service it by its maker\'s manual, without an order from here.', []);
    }

    public static function malformed(EngineModel $model, string $serial): self
    {
        return new self(RefusalReason::SerialMalformed, \sprintf('"%s" is not how a serial number of the %s is written: %s.', $serial, $model->code, $model->serialShape()), 'Read it again from the plate on the bracket; letters O and I are never digits.', []);
    }

    /** @param non-empty-list<SheetHead> $heads */
    public static function several(array $heads, string $serial): self
    {
        $names = array_map(static fn (SheetHead $head): string => $head->name(), $heads);

        return new self(RefusalReason::Several, \sprintf('%d published sheets claim %s: %s.', \count($names), $serial, implode(', ', $names)), 'The service manager has to settle the ranges in the book before this engine can be ordered.', $names);
    }

    /** @param non-empty-list<SheetHead> $heads */
    public static function withdrawn(array $heads, string $serial): self
    {
        $names = array_map(static fn (SheetHead $head): string => $head->name(), $heads);

        return new self(RefusalReason::Withdrawn, \sprintf('The sheet for %s was withdrawn: %s.', $serial, implode(', ', $names)), 'Ask the service manager for a new revision; the old figures must not be used.', $names);
    }

    public static function none(string $model, string $serial): self
    {
        return new self(RefusalReason::None, \sprintf('The book has no sheet for %s with serial number %s.', $model, $serial), 'Check model and serial on the plate. A sheet of a neighbouring model is not used; ask the service manager to add one.', []);
    }
}
