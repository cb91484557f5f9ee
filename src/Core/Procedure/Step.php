<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class Step
{
    /**
     * @param string|null $figure the path of the value that belongs to this step in large type
     * @param bool        $must   "could not" here keeps the engine from being released
     */
    public function __construct(
        public string $id,
        public Template $text,
        public ?string $figure,
        public ?Template $beside,
        public ?Template $check,
        public ?Template $slip,
        public StepEntry $entry,
        public bool $must,
    ) {
    }

    /** @return list<string> every path that this step needs */
    public function needs(): array
    {
        $templates = array_filter([$this->text, $this->beside, $this->check, $this->slip], static fn (?Template $template): bool => null !== $template);

        return [...(null === $this->figure ? [] : [$this->figure]), ...array_merge(...array_map(static fn (Template $template): array => $template->slots(), array_values($templates)))];
    }
}
