<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class Step
{
    /** @var list<string> every path that this step needs, each once */
    public array $needs;

    /**
     * @param string|null $figure the path of the value that belongs to this step in large type
     * @param string|null $rows   the path of a table whose rows belong to this step, one below the other
     * @param Condition   $when   whether these facts call for it
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
        public ?string $rows,
        public ?RowFilter $where,
        public Condition $when,
    ) {
        $slots = array_map(static fn (?Template $template): array => $template->slots ?? [], [$text, $beside, $check, $slip]);
        $this->needs = array_values(array_unique([...array_filter([$figure, $rows], \is_string(...)), ...array_merge(...$slots)]));
    }
}
