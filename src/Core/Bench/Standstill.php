<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Found;
use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Bench\Said\Settled;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Finding\Verdict;

/** What keeps an order from going on or from being released: what somebody must decide about, and what it is parked for. */
final readonly class Standstill
{
    /**
     * @param list<Stop>    $stops    that nobody has lifted, the first first
     * @param Entry|null    $parked   by which it is parked; null: it is not
     * @param list<Finding> $findings decided about or not, in the order in which they were found
     */
    private function __construct(public array $stops, public ?Entry $parked, public array $findings)
    {
    }

    public static function none(): self
    {
        return new self([], null, []);
    }

    public function stopped(Stop ...$more): self
    {
        return new self([...$this->stops, ...array_values($more)], $this->parked, $this->findings);
    }

    /** The first stop at this step is lifted. */
    public function lifted(Stop $stop): self
    {
        $stops = array_values(array_filter($this->stops, static fn (Stop $each): bool => $each !== $stop));

        return new self($stops, $this->parked, $this->findings);
    }

    /** Whatever is done next goes on with a parked order. */
    public function after(Entry $entry, BenchStep $step): self
    {
        $kind = $entry->content->kind;

        return new self($this->stops, match (true) {
            EntryKind::Parked === $kind => $entry,
            $kind->isAnswer() || EntryKind::Decision === $kind => null,
            default => $this->parked,
        }, $this->findingsAfter($entry, $step));
    }

    /** @return list<Finding> */
    private function findingsAfter(Entry $entry, BenchStep $step): array
    {
        $detail = $entry->content->detail;
        if ($detail instanceof Measured) {
            return [...$this->findings, ...array_map(
                static fn (Judged $judged): Finding => Finding::measured($entry, $step, $judged),
                $detail->with(Verdict::Finding),
            )];
        }
        $meaning = $detail instanceof Seen ? $detail->finding() : null;
        if (null !== $meaning) {
            return [...$this->findings, Finding::seen($entry, $step, $meaning)];
        }
        if ($detail instanceof Found) {
            return Verdict::Finding === $detail->verdict ? [...$this->findings, Finding::found($entry, $step, $detail)] : $this->findings;
        }

        return $detail instanceof Settled ? array_map(
            static fn (Finding $finding): Finding => $finding->isMeantBy($detail) ? $finding->settled($detail) : $finding,
            $this->findings,
        ) : $this->findings;
    }
}
