<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\BaseSheet;

/** What somebody wants to start: a sheet for some engines, or a family sheet for none by itself. */
final readonly class NewSheet
{
    /**
     * @param array<mixed>  $appliesTo the engines, as a sheet writes them
     * @param BaseSheet|null $copyOf    whose values to begin with, all without a source
     * @param BaseSheet|null $base      the family sheet to build on; left out, that of the copied sheet
     */
    private function __construct(public string $id, public array $appliesTo, public bool $family, public ?BaseSheet $copyOf, public ?BaseSheet $base)
    {
    }

    public static function at(Cursor $body): self
    {
        $applies = $body->at('appliesTo');
        $name = static fn (Cursor $at): ?BaseSheet => $at->isNull() ? null : new BaseSheet($at->at('sheet')->string(60), $at->at('revision')->int(1, 9999));

        return new self($body->at('id')->string(60), \is_array($applies->raw()) ? $applies->raw() : $applies->keys(), true === $body->at('family')->raw(), $name($body->at('copyOf')), $name($body->at('base')));
    }
}
