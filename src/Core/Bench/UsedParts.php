<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What was said of parts that were laid out in case they were needed. */
final readonly class UsedParts
{
    /** @param array<string, array<array-key, UsedPart>> $said by the id of the operation, and number */
    private function __construct(private array $said)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function with(IssuedWork $work, UsedPart $used): self
    {
        $id = $work->work->id->text;

        return new self([...$this->said, $id => [$used->number => $used] + ($this->said[$id] ?? [])]);
    }

    /** @return UsedPart|null null: nobody has said */
    public function of(IssuedWork $work, string $number): ?UsedPart
    {
        return $this->said[$work->work->id->text][$number] ?? null;
    }
}
