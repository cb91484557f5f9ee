<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;

/**
 * What is known of one engine in one order: its sheet's values under their own paths, and what the order has
 * worked out under `order.…`. A path that nothing answers is a hole.
 */
final readonly class EngineFacts
{
    /**
     * @param array<string, Figure> $worked by path
     * @param array<string, string> $raw    for conditions, by path
     */
    public function __construct(public SpecSheet $sheet, private array $worked, private array $raw)
    {
    }

    /** Whether anything answers, without working out how it would be shown. */
    public function knows(string $path): bool
    {
        return isset($this->worked[$path]) || null !== $this->value($path);
    }

    public function figure(string $path): ?Figure
    {
        if (isset($this->worked[$path])) {
            return $this->worked[$path];
        }
        $value = $this->value($path);

        return null === $value ? null : new Figure($path, $value->field->label(), $value->figure(), $value->detail(), $value->source->text());
    }

    public function value(string $path): ?SheetValue
    {
        $field = SheetField::tryFrom($path);

        return null === $field ? null : $this->sheet->value($field);
    }

    public function raw(string $path): ?string
    {
        $content = $this->value($path)?->content;

        return match (true) {
            isset($this->raw[$path]) => $this->raw[$path],
            \is_bool($content) => $content ? 'yes' : 'no',
            \is_string($content) => $content,
            default => $this->figure($path)?->text,
        };
    }

    public static function label(string $path): string
    {
        return SheetField::tryFrom($path)?->label() ?? $path;
    }
}
