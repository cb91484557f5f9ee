<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Where a value stands: document, its revision, page; and by which way it came here, if not directly. */
final readonly class Source
{
    /** @param string $way for example "from family rev. 2"; empty: it stands on the sheet itself */
    public function __construct(public string $document, public string $revision, public string $page, public string $way = '')
    {
    }

    /** Nobody has said where the value comes from: it can't be used. */
    public static function none(): self
    {
        return new self('', '', '');
    }

    /** What was entered for the boat, and stands in no document. */
    public static function ofBoat(): self
    {
        return new self('the boat\'s own entry', '', '');
    }

    public function isKnown(): bool
    {
        return '' !== $this->document;
    }

    public function text(): string
    {
        return match (true) {
            !$this->isKnown() => 'no source yet',
            '' === $this->revision && '' === $this->page => $this->document,
            default => \sprintf('%s, rev. %s, p. %s%s', $this->document, $this->revision, $this->page, '' === $this->way ? '' : ' ('.$this->way.')'),
        };
    }
}
