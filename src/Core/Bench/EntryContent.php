<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\Volume;

/** What was entered: of the typed values only those that belong to the kind are there. */
final readonly class EntryContent
{
    private function __construct(
        public EntryKind $kind,
        public ?Observation $observation = null,
        public ?Volume $volume = null,
        public ?DipstickReading $reading = null,
        public ?Minutes $rest = null,
        public ?Torque $torque = null,
        public ?Turns $turns = null,
        public ?int $in = null,
        public ?int $out = null,
        public string $text = '',
        public string $reason = '',
    ) {
    }

    public static function tick(): self
    {
        return new self(EntryKind::Tick);
    }

    public static function observation(Observation $observation): self
    {
        return new self(EntryKind::Observation, observation: $observation);
    }

    public static function poured(Volume $volume): self
    {
        return new self(EntryKind::Poured, volume: $volume);
    }

    public static function takenOut(Volume $volume): self
    {
        return new self(EntryKind::TakenOut, volume: $volume);
    }

    public static function level(DipstickReading $reading, Minutes $rest): self
    {
        return new self(EntryKind::Level, reading: $reading, rest: $rest);
    }

    /**
     * @param string $wrench which torque wrench was used
     * @param string $reason why that one, if it is not one that the figure asks for
     */
    public static function torque(Torque $torque, string $wrench, string $reason = ''): self
    {
        return new self(EntryKind::Torque, torque: $torque, text: $wrench, reason: $reason);
    }

    public static function turns(Turns $turns): self
    {
        return new self(EntryKind::Turns, turns: $turns);
    }

    public static function count(int $in, int $out): self
    {
        return new self(EntryKind::Count, in: $in, out: $out);
    }

    /** @param EntryKind $kind not done (with its reason), a note, or a decision */
    public static function words(EntryKind $kind, string $text): self
    {
        return new self($kind, text: $text);
    }

    /** As a record shows it: `17.5 N·m with the 5–60 N·m wrench`. */
    public function asText(): string
    {
        return match ($this->kind) {
            EntryKind::Tick => 'done',
            EntryKind::Observation => $this->observation?->label() ?? '',
            EntryKind::Poured => 'poured '.($this->volume?->inBothUnits() ?? ''),
            EntryKind::TakenOut => 'took out '.($this->volume?->inBothUnits() ?? ''),
            EntryKind::Level => \sprintf('level %s after %d min of rest', $this->reading?->text() ?? '', $this->rest->count ?? 0),
            EntryKind::Torque => ($this->torque?->asGiven() ?? '').('' === $this->text ? '' : ' with '.$this->text).('' === $this->reason ? '' : ' ('.$this->reason.')'),
            EntryKind::Turns => ($this->turns?->text() ?? '').' turn after contact',
            EntryKind::Count => \sprintf('%d in, %d out', $this->in ?? 0, $this->out ?? 0),
            EntryKind::NotDone => 'could not: '.$this->text,
            EntryKind::Note => $this->text,
            EntryKind::Decision => 'decision: '.$this->text,
        };
    }
}
