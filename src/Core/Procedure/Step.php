<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class Step
{
    /** @var list<string> every path that this step needs, each once */
    public array $needs;

    /** @param Condition $when whether these facts call for it */
    public function __construct(
        public string $id,
        public StepWords $words,
        public StepFigures $figures,
        public AtBench $bench,
        public Condition $when,
    ) {
        $this->needs = array_values(array_unique([
            ...array_filter([$figures->figure, $figures->rows], \is_string(...)),
            ...$words->slots(),
        ]));
    }
}
