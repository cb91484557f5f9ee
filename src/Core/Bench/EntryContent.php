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
        public ?Minutes $restByLog = null,
        public ?NotDoneCause $cause = null,
        public bool $whole = false,
        public ?ParkCause $waitsFor = null,
        public ?\DateTimeImmutable $until = null,
        public bool $needless = false,
        public ?EngineRelease $release = null,
    ) {
    }

    /** With the minutes of rest that the log counts. */
    public function rested(Minutes $rest): self
    {
        return new self($this->kind, reading: $this->reading, rest: $this->rest, restByLog: $rest);
    }

    /** Without what the log has added. */
    public function asSent(): self
    {
        return null === $this->restByLog ? $this : new self($this->kind, reading: $this->reading, rest: $this->rest);
    }

    public static function tick(): self
    {
        return new self(EntryKind::Tick);
    }

    /** @param Volume|null $drained of old oil, how much came out; null: nobody measured it */
    public static function observation(Observation $observation, ?Volume $drained = null): self
    {
        return new self(EntryKind::Observation, observation: $observation, volume: $drained);
    }

    public static function poured(Volume $volume): self
    {
        return new self(EntryKind::Poured, volume: $volume);
    }

    public static function takenOut(Volume $volume): self
    {
        return new self(EntryKind::TakenOut, volume: $volume);
    }

    /** @param Minutes|null $rest where the log can't know it; null: the log knows */
    public static function level(DipstickReading $reading, ?Minutes $rest): self
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

    /**
     * @param NotDoneCause|null $cause null: an entry of before, which has only words
     * @param bool              $whole not this step alone, but its whole task as far as it has not begun
     */
    public static function notDone(string $text, ?NotDoneCause $cause = null, bool $whole = false): self
    {
        return new self(EntryKind::NotDone, text: $text, cause: $cause, whole: $whole);
    }

    /** @param \DateTimeImmutable|null $until when it is to go on; null: nobody knows */
    public static function parked(ParkCause $cause, string $text, ?\DateTimeImmutable $until): self
    {
        return new self(EntryKind::Parked, text: $text, waitsFor: $cause, until: $until);
    }

    /** The task is taken out, as far as it has not begun. */
    public static function dropped(string $text, ?NotDoneCause $cause = null): self
    {
        return new self(EntryKind::Dropped, text: $text, cause: $cause);
    }

    /** Nothing that is left of the order needs it. */
    public static function needless(): self
    {
        return new self(EntryKind::Dropped, needless: true);
    }

    /** It was not done, and why is said. */
    public function isNotDone(): bool
    {
        return EntryKind::NotDone === $this->kind || EntryKind::Dropped === $this->kind;
    }

    /** It settles its whole task, as far as that has not begun. */
    public function isOfTask(): bool
    {
        return $this->whole || EntryKind::Dropped === $this->kind;
    }

    public static function released(EngineRelease $release): self
    {
        return new self(EntryKind::Released, release: $release);
    }

    public static function takenBack(): self
    {
        return new self(EntryKind::TakenBack);
    }

    public static function waited(Minutes $minutes): self
    {
        return new self(EntryKind::Waited, rest: $minutes);
    }

    /** @param EntryKind $kind not done (with its reason), a note, or a decision */
    public static function words(EntryKind $kind, string $text): self
    {
        return new self($kind, text: $text);
    }

    /** Of something not done, or an order that is parked. */
    public function why(): string
    {
        return implode(
            ', ',
            array_filter([$this->cause?->label() ?? $this->waitsFor?->label(), '' === $this->text ? null : $this->text], \is_string(...)),
        );
    }

    /** As a record shows it: `17.5 N·m with the 5–60 N·m wrench`. */
    public function asText(): string
    {
        return match ($this->kind) {
            EntryKind::Tick => 'done',
            EntryKind::Observation => ($this->observation?->label() ?? '')
                .(null === $this->volume ? '' : '; '.$this->volume->inBothUnits().' came out'),
            EntryKind::Poured => 'poured '.($this->volume?->inBothUnits() ?? ''),
            EntryKind::TakenOut => 'took out '.($this->volume?->inBothUnits() ?? ''),
            EntryKind::Level => \sprintf(
                'level %s after %d min of rest',
                $this->reading?->text() ?? '',
                $this->rest->count ?? $this->restByLog->count ?? 0,
            ),
            EntryKind::Torque => ($this->torque?->asGiven() ?? '').('' === $this->text ? '' : ' with '.$this->text).('' === $this->reason ? '' : ' ('.$this->reason.')'),
            EntryKind::Turns => ($this->turns?->text() ?? '').' turn after contact',
            EntryKind::Count => \sprintf('%d in, %d out', $this->in ?? 0, $this->out ?? 0),
            EntryKind::NotDone => ($this->whole ? 'task not done: ' : 'could not: ').$this->why(),
            EntryKind::Dropped => $this->needless ? 'not needed any more' : 'task dropped: '.$this->why(),
            EntryKind::Note => $this->text,
            EntryKind::Decision => 'decision: '.$this->text,
            EntryKind::Parked => 'parked: '.$this->why(),
            EntryKind::TakenBack => 'taken back',
            EntryKind::Released => null === $this->release?->unfit ? 'released' : 'let go as not fit to run: '.$this->release->unfit,
            EntryKind::Waited => \sprintf('the demo let %d min pass', $this->rest->count ?? 0),
        };
    }
}
