<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetField;

/** A hole of the book, filled in for one engine of one order from the manual at hand. */
final readonly class Fill
{
    /** @param array<mixed> $content the value as a sheet writes it, without its source */
    public function __construct(
        public int $engineId,
        public SheetField $field,
        public array $content,
        public string $document,
        public string $revision,
        public string $page,
        public string $reason,
        public string $by,
    ) {
    }

    public static function at(Cursor $fill): self
    {
        $content = $fill->at('content')->raw();

        return new self(
            $fill->at('engineId')->int(1, \PHP_INT_MAX),
            $fill->at('path')->enum(SheetField::class),
            \is_array($content) ? $content : [],
            $fill->at('document')->string(200),
            $fill->at('revision')->string(40),
            $fill->at('page')->string(40),
            $fill->at('reason')->string(300),
            $fill->at('by')->string(80),
        );
    }

    /** The same for another engine of the same sheet. */
    public function for(int $engineId): self
    {
        return new self(
            $engineId,
            $this->field,
            $this->content,
            $this->document,
            $this->revision,
            $this->page,
            $this->reason,
            $this->by,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['engineId' => $this->engineId, 'path' => $this->field->value, 'content' => $this->content, 'document' => $this->document, 'revision' => $this->revision, 'page' => $this->page, 'reason' => $this->reason, 'by' => $this->by];
    }

    /**
     * The sheet with this value on it, marked as filled in; the sheet as it is if the book knows the value by now.
     *
     * @param array<mixed> $sheet a valid sheet document
     *
     * @return array<mixed>
     */
    public function into(array $sheet): array
    {
        $values = \is_array($sheet['values'] ?? null) ? $sheet['values'] : [];
        $known = $values[$this->field->value] ?? null;
        if (\is_array($known) && null !== ($known['source'] ?? null) && false !== ($known['confirmed'] ?? true)) {
            return $sheet;
        }
        $key = '!'.$this->field->value;
        $sources = \is_array($sheet['sources'] ?? null) ? $sheet['sources'] : [];
        $sources[$key] = ['document' => $this->document, 'revision' => $this->revision];
        $values[$this->field->value] = [...$this->content, 'source' => $key, 'page' => $this->page, 'filled' => ['by' => $this->by, 'reason' => $this->reason]];

        return [...$sheet, 'sources' => $sources, 'values' => $values];
    }
}
