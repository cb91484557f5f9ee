<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Why no sheet may be used, what to do about it, and what more to say of the engine where that would settle it. */
final readonly class SheetRefusal
{
    /**
     * @param list<string> $sheets the sheets that matter to the refusal
     * @param list<Asked>  $asks
     */
    private function __construct(public RefusalReason $reason, public string $message, public string $remedy, public array $sheets, public array $asks = [])
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
    public static function several(array $heads, Plate $plate): self
    {
        $names = array_map(static fn (SheetHead $head): string => $head->name(), $heads);
        $asks = array_values(array_filter(Asked::cases(), static fn (Asked $asked): bool => [] !== array_filter($heads, static fn (SheetHead $head): bool => \in_array($asked, $head->asks($plate), true))));
        $remedy = [] === $asks ? 'The service manager has to settle the ranges in the book before this engine can be ordered.' : self::sayWhich($asks, $heads);

        return new self(RefusalReason::Several, \sprintf('%d published sheets claim %s: %s.', \count($names), $plate->serial, implode(', ', $names)), $remedy, $names, $asks);
    }

    /** The only sheet that may apply is particular about something that nobody has said of the engine. */
    public static function particular(SheetHead $head, Plate $plate): self
    {
        $asks = $head->asks($plate);
        $for = array_filter([null === $head->years ? null : 'model years '.$head->years->text(), [] === $head->gearcases ? null : 'gearcase '.implode(' or ', $head->gearcases)], \is_string(...));

        return new self(RefusalReason::None, \sprintf('%s is for %s only; what this engine has was not said.', $head->name(), implode(' and ', $for)), self::sayWhich($asks, [$head]), [$head->name()], $asks);
    }

    /**
     * @param list<Asked>     $asks
     * @param list<SheetHead> $heads
     */
    private static function sayWhich(array $asks, array $heads): string
    {
        $variants = array_values(array_unique(array_merge(...array_map(static fn (SheetHead $head): array => $head->gearcases, $heads))));
        $years = array_values(array_filter(array_map(static fn (SheetHead $head): ?string => $head->years?->text(), $heads), \is_string(...)));
        $told = array_map(static fn (Asked $asked): string => \sprintf('%s (%s)', $asked->label(), implode(' or ', Asked::Gearcase === $asked ? $variants : $years)), $asks);

        return 'Look at the engine and say which it has: '.implode(', ', $told).'.';
    }

    /** @param non-empty-list<SheetHead> $heads */
    public static function withdrawn(array $heads, string $serial): self
    {
        $names = array_map(static fn (SheetHead $head): string => $head->name(), $heads);

        return new self(RefusalReason::Withdrawn, \sprintf('The sheet for %s was withdrawn: %s.', $serial, implode(', ', $names)), 'Ask the service manager for a new revision; the old figures must not be used.', $names);
    }

    public static function none(Plate $plate): self
    {
        $said = array_filter([null === $plate->year ? null : 'model year '.$plate->year, null === $plate->gearcase ? null : 'gearcase '.$plate->gearcase], \is_string(...));

        return new self(RefusalReason::None, \sprintf('The book has no sheet for %s with serial number %s%s.', $plate->model, $plate->serial, [] === $said ? '' : ' ('.implode(', ', $said).')'), 'Check model and serial on the plate. A sheet of a neighbouring model is not used; ask the service manager to add one.', []);
    }
}
