<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** What a step says: what to do, what stands beside, what proves it, and the usual mistake. */
final readonly class StepWords
{
    public function __construct(
        public Template $text,
        public ?Template $beside = null,
        public ?Template $check = null,
        public ?Template $slip = null,
    ) {
    }

    /** @return list<string> the paths of all slots */
    public function slots(): array
    {
        return array_merge(...array_map(
            static fn (?Template $template): array => $template->slots ?? [],
            [$this->text, $this->beside, $this->check, $this->slip],
        ));
    }
}
