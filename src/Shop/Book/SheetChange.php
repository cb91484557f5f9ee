<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;

/** What an editor changes on a draft: values by path (null takes one out), new sources, what is confirmed, the engines, the note. */
final readonly class SheetChange
{
    /**
     * @param array<mixed>      $values
     * @param array<mixed>      $sources
     * @param list<string>|null $confirms  null: unchanged
     * @param array<mixed>|null $appliesTo null: unchanged
     * @param string|null       $note      null: unchanged
     */
    private function __construct(public array $values, public array $sources, public ?array $confirms, public ?array $appliesTo, public ?string $note)
    {
    }

    /** Only the outline is read here: the changed sheet as a whole is checked as any sheet is. */
    public static function at(Cursor $change): self
    {
        $map = static fn (string $key): array => $change->at($key)->isNull() ? [] : (\is_array($change->at($key)->raw()) ? $change->at($key)->raw() : $change->at($key)->keys());
        $applies = $change->at('appliesTo');
        $note = $change->at('note');

        return new self(
            $map('values'),
            $map('sources'),
            $change->at('confirms')->isNull() ? null : $change->at('confirms')->strings(),
            $applies->isNull() ? null : $map('appliesTo'),
            $note->isNull() ? null : (\is_string($note->raw()) ? trim($note->raw()) : $note->string()),
        );
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed> the sheet as it would be; new and changed values carry who entered them, and when
     */
    public function into(array $document, string $by, \DateTimeImmutable $on): array
    {
        $values = \is_array($document['values'] ?? null) ? $document['values'] : [];
        foreach ($this->values as $path => $value) {
            $values[$path] = \is_array($value) ? [...array_diff_key($value, ['from' => 0, 'confirmed' => 0, 'filled' => 0]), 'by' => $by, 'on' => $on->format('Y-m-d')] : $value;
        }
        $values = array_filter($values, static fn (mixed $value): bool => null !== $value);
        $sources = $this->used([...(\is_array($document['sources'] ?? null) ? $document['sources'] : []), ...$this->sources], $values);

        return [
            ...$document,
            ...(null === $this->confirms ? [] : ['confirms' => $this->confirms]),
            ...(null === $this->note ? [] : ['note' => '' === $this->note ? null : $this->note]),
            ...(null === $this->appliesTo ? [] : ['appliesTo' => $this->appliesTo]),
            'sources' => $sources,
            'values' => $values,
        ];
    }

    /**
     * @param array<mixed> $sources
     * @param array<mixed> $values
     *
     * @return array<mixed> without the documents that no value names any more
     */
    private function used(array $sources, array $values): array
    {
        $named = array_map(static fn (mixed $value): mixed => \is_array($value) ? ($value['source'] ?? null) : null, $values);

        return array_filter($sources, static fn (string|int $key): bool => \in_array($key, $named, true), \ARRAY_FILTER_USE_KEY);
    }
}
