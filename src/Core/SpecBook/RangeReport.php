<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Where published sheets claim the same engines, and where serial numbers between two ranges belong to none. */
final readonly class RangeReport
{
    /**
     * @param list<Overlap> $overlaps
     * @param list<Gap>     $gaps
     */
    private function __construct(public array $overlaps, public array $gaps)
    {
    }

    /** @param list<SheetHead> $heads whatever their status; only published ones count */
    public static function over(array $heads): self
    {
        $claims = [];
        foreach ($heads as $head) {
            foreach (SheetStatus::Published === $head->status ? $head->models : [] as $model) {
                foreach ($head->ranges as $range) {
                    $claims[$model.' '.$range->prefix][] = new Claim($model, $head, $range);
                }
            }
        }
        ksort($claims);
        $reports = array_map(self::ofPrefix(...), array_values($claims));

        return new self(array_merge(...array_map(static fn (self $report): array => $report->overlaps, $reports)), array_merge(...array_map(static fn (self $report): array => $report->gaps, $reports)));
    }

    /** The part of a report that one sheet has a share in. */
    public function of(string $sheetId): self
    {
        return new self(
            array_values(array_filter($this->overlaps, static fn (Overlap $overlap): bool => $sheetId === $overlap->one->id || $sheetId === $overlap->other->id)),
            array_values(array_filter($this->gaps, static fn (Gap $gap): bool => $sheetId === $gap->before->id || $sheetId === $gap->after->id)),
        );
    }

    /** @param non-empty-list<Claim> $claims of one model and prefix */
    private static function ofPrefix(array $claims): self
    {
        usort($claims, static fn (Claim $a, Claim $b): int => [$a->range->from, $a->range->to, $a->head->id] <=> [$b->range->from, $b->range->to, $b->head->id]);
        $overlaps = $gaps = $open = [];
        $furthest = $claims[0];
        foreach ($claims as $claim) {
            $open = array_values(array_filter($open, static fn (Claim $earlier): bool => $earlier->range->to >= $claim->range->from));
            foreach ($open as $earlier) {
                if ($earlier->head !== $claim->head && $earlier->head->meets($claim->head)) {
                    $overlaps[] = new Overlap($claim->model, $earlier->head, $claim->head, new SerialRange($claim->range->prefix, $claim->range->from, min($earlier->range->to, $claim->range->to)));
                }
            }
            if ($claim->range->from > $furthest->range->to + 1) {
                $gaps[] = new Gap($claim->model, $furthest->head, $claim->head, new SerialRange($claim->range->prefix, $furthest->range->to + 1, $claim->range->from - 1));
            }
            $open[] = $claim;
            $furthest = $claim->range->to > $furthest->range->to ? $claim : $furthest;
        }

        return new self($overlaps, $gaps);
    }
}
