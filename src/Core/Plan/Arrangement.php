<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** In which part of the work each group of each engine lies, and the sequence that follows from it. */
final readonly class Arrangement
{
    /**
     * @param list<list<int>>         $parts     by engine, by group
     * @param list<list<PlannedWork>> $sequences by engine
     */
    private function __construct(private RigWorks $rig, public array $parts, private array $sequences)
    {
    }

    /**
     * What may wait until the oil rests at the end waits for that, as far as the rest is long enough; what remains is
     * done while the oil runs out.
     */
    public static function usual(RigWorks $rig): self
    {
        $parts = array_map(self::usualParts(...), $rig->graphs);

        return new self($rig, $parts, array_map(EngineSequence::of(...), $rig->graphs, $parts));
    }

    /** @return iterable<self> the same with one group of one engine in another part */
    public function neighbours(): iterable
    {
        foreach ($this->rig->graphs as $engine => $graph) {
            foreach ($graph->ranges as $group => [$least, $most]) {
                for ($part = $least; $part <= $most; ++$part) {
                    if ($part !== $this->parts[$engine][$group]) {
                        yield $this->with($engine, $group, $part);
                    }
                }
            }
        }
    }

    /** @return list<PlannedWork> one behind the other, so that no gate is broken */
    public function sequence(): array
    {
        return array_merge($this->rig->first, ...$this->sequences, ...[$this->rig->last]);
    }

    private function with(int $engine, int $group, int $part): self
    {
        $parts = $this->parts;
        $parts[$engine][$group] = $part;
        $sequences = $this->sequences;
        $sequences[$engine] = EngineSequence::of($this->rig->graphs[$engine], array_values($parts[$engine]));

        return new self($this->rig, array_map(array_values(...), $parts), $sequences);
    }

    /** @return list<int> */
    private static function usualParts(EngineGraph $graph): array
    {
        $parts = [];
        $left = $graph->lastRest();
        foreach ($graph->ranges as $group => [$least, $most]) {
            $minutes = $graph->minutes($group);
            $late = 2 === $most && $minutes <= $left;
            $left -= $late ? $minutes : 0;
            $parts[] = $late ? 2 : max($least, min(1, $most));
        }

        return $parts;
    }
}
