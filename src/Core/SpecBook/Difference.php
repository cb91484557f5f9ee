<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** One value in two revisions; null where a revision does not have it. */
final readonly class Difference
{
    public function __construct(public SheetField $field, public ?SheetValue $before, public ?SheetValue $after)
    {
    }

    /** Whether the figure differs, or whether it may be used; a different source alone is no change. */
    public function isChange(): bool
    {
        return $this->told($this->before) !== $this->told($this->after);
    }

    public function isOtherSource(): bool
    {
        return $this->before?->source->text() !== $this->after?->source->text();
    }

    private function told(?SheetValue $value): string
    {
        return null === $value ? '' : $value->figure().'|'.$value->detail().'|'.($value->isUsable() ? '' : 'not usable');
    }
}
