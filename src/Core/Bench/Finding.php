<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Found;
use FreshTack\Core\Bench\Said\Settled;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Plan\Position;

/** Something about which somebody decides before the engine is released. */
final readonly class Finding
{
    /**
     * @param string        $entry    by which it was found
     * @param string        $place    of what was measured at the step; empty: it was found beside
     * @param Position|null $position null: the whole rig
     * @param string        $title    what was measured, or the operation at which it was found
     * @param string        $meaning  empty: the words say it all
     * @param Settled|null  $settled  null: nobody has decided yet
     */
    private function __construct(
        public string $entry,
        public string $place,
        public string $stepId,
        public ?Position $position,
        public string $title,
        public string $text,
        public string $meaning,
        public ?Settled $settled = null,
    ) {
    }

    public static function measured(Entry $entry, BenchStep $step, Judged $judged): self
    {
        return new self($entry->uuid, $judged->place, $step->id, $step->position, $step->asked(), $judged->text, $judged->meaning);
    }

    /** @param string $meaning of what was seen, or of how much old oil came out */
    public static function seen(Entry $entry, BenchStep $step, string $meaning): self
    {
        return new self($entry->uuid, '', $step->id, $step->position, $step->title, $entry->content->asText(), $meaning);
    }

    public static function found(Entry $entry, BenchStep $step, Found $found): self
    {
        return new self($entry->uuid, '', $step->id, $step->position, $step->title, $found->asText(), '');
    }

    public function isMeantBy(Settled $settled): bool
    {
        return $this->entry === $settled->entry && $this->place === $settled->place;
    }

    public function settled(Settled $settled): self
    {
        return new self(
            $this->entry,
            $this->place,
            $this->stepId,
            $this->position,
            $this->title,
            $this->text,
            $this->meaning,
            $settled,
        );
    }
}
