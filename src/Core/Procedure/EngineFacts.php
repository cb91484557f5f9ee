<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Policy\School;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\SpecBook\SeparatorCount;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/**
 * What is known of one engine in one order: its sheet's values under their own paths, and what the order has
 * worked out under `order.…`. A path that nothing answers is a hole.
 */
final readonly class EngineFacts
{
    /**
     * Engines of one kind have one sheet and the same tasks, done alike, and differ in nothing else that a procedure
     * could ask for, but for what was read on arrival.
     */
    public string $kind;

    /**
     * @param array<string, Figure> $worked by path
     * @param array<string, string> $raw    for conditions, by path
     * @param list<Task>            $tasks  that are done on it
     * @param ShopAnswers|null      $seen   what may be seen, as the shop takes it; null: as the trade does
     */
    public function __construct(
        public SpecSheet $sheet,
        private array $worked,
        private array $raw,
        private array $tasks = [],
        private ?Schools $schools = null,
        private Answers $answers = new Answers(),
        private ?ShopAnswers $seen = null,
    ) {
        $done = array_map(static fn (Task $task): string => $task->value.($raw[$task->schedule()->value] ?? ''), $tasks);
        $this->kind = spl_object_id($sheet->origin()).'|'.$this->raw('order.arrivalRead').$this->raw('order.warm').'|'.implode(',', $done).'|';
    }

    /** Before anything is ordered: drained warm, as the sheet drains it. */
    public static function ofSheet(SpecSheet $sheet): self
    {
        return new self($sheet, [], [
            'order.drainMethod' => $sheet->text(SheetField::DrainKind) ?? '',
            'order.warm' => 'yes',
            'order.separators' => SeparatorCount::Unknown->value,
            'order.filter' => true === $sheet->flag(SheetField::FilterFitted) ? 'yes' : 'no',
        ]);
    }

    /** @param list<Task> $tasks */
    public function withTasks(array $tasks): self
    {
        return new self($this->sheet, $this->worked, $this->raw, $tasks, $this->schools, $this->answers, $this->seen);
    }

    /** Whether anything answers, without working out how it would be shown. */
    public function knows(string $path): bool
    {
        return $this->answers->known[$path] ??= $this->isKnown($path);
    }

    private function isKnown(string $path): bool
    {
        $asked = FactPath::read($path);

        return isset($this->worked[$path])
            || null !== $this->value($path)
            || null !== $this->school($path)
            || null !== $asked?->field?->spec()->usual
            || null !== $asked?->task;
    }

    public function figure(string $path): ?Figure
    {
        if (isset($this->worked[$path])) {
            return $this->worked[$path];
        }

        return $this->answers->figures[$path] ??= $this->made($path);
    }

    private function made(string $path): ?Figure
    {
        $school = $this->school($path);
        if (null !== $school) {
            return new Figure($path, lcfirst(FactPath::read($path)?->question?->title() ?? $path), $school->name, null, 'shop policy');
        }
        $value = $this->value($path);
        $field = FactPath::read($path)?->field;
        if (null === $value && null !== $field?->spec()->usual) {
            return new Figure($path, $field->label(), str_replace('_', ' ', $field->spec()->usual), null, 'as engines usually are');
        }

        return null === $value ? null : new Figure($path, $value->field->label(), $value->figure(), $value->detail(), $value->source->text());
    }

    public function value(string $path): ?SheetValue
    {
        $field = SheetField::tryFrom($path);

        return null === $field ? null : $this->sheet->value($field);
    }

    public function raw(string $path): ?string
    {
        $task = FactPath::read($path)?->task;
        if (null !== $task) {
            return \in_array($task, $this->tasks, true) ? 'yes' : 'no';
        }
        if (!\array_key_exists($path, $this->answers->raw)) {
            $this->answers->raw[$path] = $this->asked($path);
        }

        return $this->answers->raw[$path];
    }

    /** Whether it is done at all: found out once, likewise. */
    public function callFor(Operation $operation): bool
    {
        return $operation->asksForTasks
            ? $operation->calling->when->holds($this)
            : $this->answers->done[$operation] ??= $operation->calling->when->holds($this);
    }

    /** @return list<string> paths that it needs and that nothing answers: found out once, likewise */
    public function missing(Operation $operation): array
    {
        return $operation->asksForTasks
            ? $this->unanswered($operation)
            : $this->answers->missing[$operation] ??= $this->unanswered($operation);
    }

    /** @return list<string> */
    private function unanswered(Operation $operation): array
    {
        return array_values(array_filter($this->called($operation)->needs, fn (string $path): bool => !$this->knows($path)));
    }

    /** What of it these call for: found out once, unless it asks what else is done. */
    public function called(Operation $operation): Called
    {
        return $operation->asksForTasks
            ? $operation->calledBy($this)
            : $this->answers->called[$operation] ??= $operation->calledBy($this);
    }

    private function asked(string $path): ?string
    {
        $asked = FactPath::read($path);
        $content = $this->value($path)?->content;

        return match (true) {
            isset($this->raw[$path]) => $this->raw[$path],
            null !== $asked?->question => $this->school($path)?->code,
            $content instanceof Interval => $content->action->value,
            \is_bool($content) => $content ? 'yes' : 'no',
            \is_string($content) => $content,
            default => $asked?->field?->spec()->usual ?? $this->figure($path)?->text,
        };
    }

    public function seen(): ShopAnswers
    {
        return $this->seen ?? ShopAnswers::none();
    }

    public function schools(): Schools
    {
        return $this->schools ?? Schools::standard();
    }

    private function school(string $path): ?School
    {
        $question = FactPath::read($path)?->question;

        return null === $question ? null : $this->schools()->answer($question);
    }

    public static function label(string $path): string
    {
        return SheetField::tryFrom($path)?->label() ?? $path;
    }
}
