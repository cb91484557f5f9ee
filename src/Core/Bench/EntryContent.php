<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Amount;
use FreshTack\Core\Bench\Said\Bare;
use FreshTack\Core\Bench\Said\Counted;
use FreshTack\Core\Bench\Said\Detail;
use FreshTack\Core\Bench\Said\Found;
use FreshTack\Core\Bench\Said\LetGo;
use FreshTack\Core\Bench\Said\LevelRead;
use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\PartUsed;
use FreshTack\Core\Bench\Said\Pause;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Bench\Said\Settled;
use FreshTack\Core\Bench\Said\Tightened;
use FreshTack\Core\Bench\Said\TimePassed;
use FreshTack\Core\Bench\Said\Turned;
use FreshTack\Core\Bench\Said\WhyNot;
use FreshTack\Core\Bench\Said\Words;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\CameOut;
use FreshTack\Core\Finding\InvalidAnswer;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Finding\Settlement;
use FreshTack\Core\Finding\Spot;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\Volume;

/** What was entered: its kind, and what belongs to that. */
final readonly class EntryContent
{
    private function __construct(public EntryKind $kind, public Detail $detail)
    {
    }

    /**
     * @template T of Detail
     *
     * @param class-string<T> $detail
     *
     * @return T|null null: this kind says something else
     */
    public function as(string $detail): ?Detail
    {
        return $this->detail instanceof $detail ? $this->detail : null;
    }

    /** What was seen at a step that asks for it, once it is judged. */
    private function seenAnswer(): ?Answer
    {
        return $this->as(Seen::class)?->answer;
    }

    /** What it means, of something seen; null: nothing beside itself. */
    public function meaning(): ?string
    {
        $judged = array_filter(
            $this->as(Measured::class)->judged ?? [],
            static fn (Judged $each): bool => Verdict::GoOn !== $each->verdict && '' !== $each->meaning,
        );

        return $this->seenAnswer()->meaning
            ?? ([] === $judged ? null : implode(' ', array_unique(array_map(static fn (Judged $each): string => $each->meaning, $judged))));
    }

    /** How bad it is, as far as it is something seen. */
    public function verdict(): Verdict
    {
        return $this->seenAnswer()->verdict
            ?? $this->as(Measured::class)?->verdict()
            ?? $this->as(Found::class)->verdict
            ?? Verdict::GoOn;
    }

    /** With the minutes of rest that the log counts. */
    public function rested(Minutes $rest): self
    {
        $read = $this->as(LevelRead::class);

        return null === $read ? $this : new self($this->kind, new LevelRead($read->reading, $read->rest, $rest));
    }

    /** Without what the log has added. */
    public function asSent(): self
    {
        $detail = $this->detail;

        return match (true) {
            $detail instanceof LevelRead => new self($this->kind, new LevelRead($detail->reading, $detail->rest)),
            $detail instanceof Measured, $detail instanceof Seen => new self($this->kind, $detail->asSent()),
            default => $this,
        };
    }

    public static function tick(): self
    {
        return new self(EntryKind::Tick, new Bare('done'));
    }

    /** @param Volume|null $drained of old oil, how much came out; null: nobody measured it */
    public static function seen(Observation $observation, ?Volume $drained = null): self
    {
        return self::seenAs($observation->value, $drained);
    }

    /** @param string $code of the answer, the trade's or the shop's */
    public static function seenAs(string $code, ?Volume $drained = null, ?CameOut $amount = null): self
    {
        return new self(EntryKind::Observation, new Seen($code, $drained, $amount));
    }

    public static function poured(Volume $volume): self
    {
        return new self(EntryKind::Poured, new Amount($volume, 'poured'));
    }

    public static function takenOut(Volume $volume): self
    {
        return new self(EntryKind::TakenOut, new Amount($volume, 'took out'));
    }

    /** @param Minutes|null $rest where the log can't know it; null: the log knows */
    public static function level(DipstickReading $reading, ?Minutes $rest): self
    {
        return new self(EntryKind::Level, new LevelRead($reading, $rest));
    }

    /**
     * @param string $wrench which torque wrench was used
     * @param string $reason why that one, if it is not one that the figure asks for
     */
    public static function torque(Torque $torque, string $wrench, string $reason = ''): self
    {
        return new self(EntryKind::Torque, new Tightened($torque, $wrench, $reason));
    }

    public static function turns(Turns $turns): self
    {
        return new self(EntryKind::Turns, new Turned($turns));
    }

    public static function count(int $in, int $out): self
    {
        return new self(EntryKind::Count, new Counted($in, $out));
    }

    /** @param int $count pieces that went on of a part that was laid out */
    public static function partUsed(string $number, int $count): self
    {
        return new self(EntryKind::PartUsed, new PartUsed($number, $count));
    }

    /**
     * @param NotDoneCause|null $cause null: an entry of before, which has only words
     * @param bool              $whole not this step alone, but its whole task as far as it has not begun
     */
    public static function notDone(string $text, ?NotDoneCause $cause = null, bool $whole = false): self
    {
        return new self(EntryKind::NotDone, WhyNot::notDone($text, $cause, $whole));
    }

    /** @param \DateTimeImmutable|null $until when it is to go on; null: nobody knows */
    public static function parked(ParkCause $cause, string $text, ?\DateTimeImmutable $until): self
    {
        return new self(EntryKind::Parked, new Pause($cause, $text, $until));
    }

    /** The task is taken out, as far as it has not begun. */
    public static function dropped(string $text, ?NotDoneCause $cause = null): self
    {
        return new self(EntryKind::Dropped, WhyNot::dropped($text, $cause));
    }

    /** Nothing that is left of the order needs it. */
    public static function needless(): self
    {
        return new self(EntryKind::Dropped, WhyNot::needless());
    }

    /** It was not done, and why is said. */
    public function isNotDone(): bool
    {
        return $this->detail instanceof WhyNot;
    }

    /** It settles its whole task, as far as that has not begun. */
    public function isOfTask(): bool
    {
        return $this->isWhole() || EntryKind::Dropped === $this->kind;
    }

    /** The whole task was not done, not this step alone. */
    public function isWhole(): bool
    {
        return true === $this->as(WhyNot::class)?->whole;
    }

    public function isNeedless(): bool
    {
        return true === $this->as(WhyNot::class)?->needless;
    }

    public static function released(EngineRelease $release): self
    {
        return new self(EntryKind::Released, new LetGo($release));
    }

    public static function takenBack(): self
    {
        return new self(EntryKind::TakenBack, new Bare('taken back'));
    }

    public static function acknowledged(): self
    {
        return new self(EntryKind::Acknowledged, new Bare('read the cautions'));
    }

    public static function waited(Minutes $minutes): self
    {
        return new self(EntryKind::Waited, new TimePassed($minutes));
    }

    /** @param list<PlaceAnswer> $given */
    public static function measured(array $given): self
    {
        return new self(EntryKind::Measured, new Measured($given));
    }

    /** @throws InvalidAnswer if it is no answer to what the step asks for */
    public function judgedAt(BenchStep $step): self
    {
        $detail = $this->detail;

        return match (true) {
            $detail instanceof Seen => new self($this->kind, $detail->judgedBy($step->seen($detail->code))),
            $detail instanceof Measured && null !== $step->measure => new self($this->kind, $detail->judgedBy($step->measure)),
            default => $this,
        };
    }

    /** @param Verdict $verdict how bad it is: note, finding or stop */
    public static function found(Spot $spot, string $words, Verdict $verdict): self
    {
        return new self(EntryKind::Found, new Found($spot, $words, $verdict));
    }

    /**
     * @param string $entry by which it was found
     * @param string $place of what was measured there; empty: it was found beside
     */
    public static function settled(string $entry, string $place, Settlement $how, string $words): self
    {
        return new self(EntryKind::Settled, new Settled($entry, $place, $how, $words));
    }

    public static function note(string $text): self
    {
        return new self(EntryKind::Note, new Words($text));
    }

    public static function decision(string $text): self
    {
        return new self(EntryKind::Decision, new Words($text, 'decision: '));
    }

    /** Of something not done, or an order that is parked. */
    public function why(): string
    {
        return $this->as(WhyNot::class)?->why() ?? $this->as(Pause::class)?->why() ?? '';
    }

    public function asText(): string
    {
        return $this->detail->asText();
    }
}
