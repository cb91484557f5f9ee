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
        $overlaps = $open = [];
        foreach ($claims as $claim) {
            $open = array_values(array_filter($open, static fn (Claim $earlier): bool => $earlier->range->to >= $claim->range->from));
            foreach ($open as $earlier) {
                if ($earlier->head !== $claim->head && $earlier->head->meets($claim->head)) {
                    $overlaps[] = new Overlap($claim->model, $earlier->head, $claim->head, new SerialRange($claim->range->prefix, $claim->range->from, min($earlier->range->to, $claim->range->to)));
                }
            }
            $open[] = $claim;
        }

        return new self($overlaps, self::gaps($claims));
    }

    /**
     * What is claimed for one gearcase, or for some years, may still be missing for the others.
     *
     * @param non-empty-list<Claim> $claims from the first number on
     *
     * @return list<Gap>
     */
    private static function gaps(array $claims): array
    {
        $gaps = self::between($claims, null);
        foreach (self::kinds($claims) as $only => $own) {
            foreach (self::between($own, $only) as $gap) {
                if ([] === array_filter($gaps, $gap->isWithin(...))) {
                    $gaps[] = $gap;
                }
            }
        }
        usort($gaps, static fn (Gap $a, Gap $b): int => $a->serials->from <=> $b->serials->from);

        return $gaps;
    }

    /**
     * @param non-empty-list<Claim> $claims
     *
     * @return array<string, non-empty-list<Claim>> those that an engine of one gearcase, or of some years, may belong to
     */
    private static function kinds(array $claims): array
    {
        $fits = [];
        $edges = [];
        foreach ($claims as $claim) {
            foreach ($claim->head->gearcases as $gearcase) {
                $fits['gearcase '.$gearcase] = static fn (SheetHead $head): bool => [] === $head->gearcases || \in_array($gearcase, $head->gearcases, true);
            }
            $edges += null === $claim->head->years ? [] : [$claim->head->years->from => true, $claim->head->years->to + 1 => true];
        }
        ksort($edges);
        $edges = array_keys($edges);
        foreach (\array_slice($edges, 0, -1) as $place => $from) {
            $span = new YearRange($from, $edges[$place + 1] - 1);
            $fits['years '.$span->text()] = static fn (SheetHead $head): bool => true === ($head->years?->meets($span) ?? true);
        }
        $kinds = array_map(
            static fn (\Closure $fit): array => array_values(array_filter($claims, static fn (Claim $claim): bool => $fit($claim->head))),
            $fits,
        );

        return array_filter($kinds, static fn (array $own): bool => [] !== $own);
    }

    /**
     * @param non-empty-list<Claim> $claims from the first number on
     *
     * @return list<Gap>
     */
    private static function between(array $claims, ?string $only): array
    {
        $gaps = [];
        $furthest = $claims[0];
        foreach ($claims as $claim) {
            if ($claim->range->from > $furthest->range->to + 1) {
                $gaps[] = new Gap(
                    $claim->model,
                    $furthest->head,
                    $claim->head,
                    new SerialRange($claim->range->prefix, $furthest->range->to + 1, $claim->range->from - 1),
                    $only,
                );
            }
            $furthest = $claim->range->to > $furthest->range->to ? $claim : $furthest;
        }

        return $gaps;
    }
}
