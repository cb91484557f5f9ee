<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** Which activities of a plan's critical chain follow each other only because they want the same resource. */
final readonly class CriticalPairs
{
    /** @var array<int, array<int, true>> by activity: those that share a resource with it and do not wait for it */
    private array $rivals;

    public function __construct(private SequenceProblem $problem)
    {
        $users = [];
        foreach ($problem->demands as $index => $demands) {
            foreach ($demands as [$resource]) {
                $users[$resource][] = $index;
            }
        }
        $rivals = array_fill(0, $problem->count(), []);
        foreach ($users as $all) {
            foreach ($all as $one) {
                foreach ($all as $other) {
                    if ($one !== $other && !\in_array($other, $problem->before[$one], true) && !\in_array($one, $problem->before[$other], true)) {
                        $rivals[$one][$other] = true;
                    }
                }
            }
        }
        $this->rivals = $rivals;
    }

    /**
     * @param list<int> $starts
     *
     * @return list<array{int, int}> the earlier, the later
     */
    public function of(array $starts): array
    {
        $ends = array_map(static fn (int $start, int $length): int => $start + $length, $starts, $this->problem->lengths);
        $frees = array_map(static fn (int $start, int $hands): int => $start + $hands, $starts, $this->problem->attended);
        $open = array_keys($ends, max([0, ...$ends]), true);
        $seen = array_fill_keys($open, true);
        $pairs = [];
        while ([] !== $open) {
            $index = array_pop($open);
            foreach ($this->problem->before[$index] as $other) {
                if ($ends[$other] === $starts[$index] && !isset($seen[$other])) {
                    $seen[$other] = true;
                    $open[] = $other;
                }
            }
            foreach ($this->rivals[$index] as $other => $_) {
                if ($ends[$other] === $starts[$index] || $frees[$other] === $starts[$index]) {
                    $pairs[] = [$other, $index];
                    if (!isset($seen[$other])) {
                        $seen[$other] = true;
                        $open[] = $other;
                    }
                }
            }
        }

        return $pairs;
    }
}
