<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Amount;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Finding\InvalidAnswer;
use FreshTack\Core\Plan\Gate;

final class InvalidEntry extends \DomainException implements ExpectedError
{
    /**
     * @param Entry|null $before what was entered already and bars it
     * @param Gate|null  $gate   the one that is not met
     * @param Claim|null $claim  somebody else's that bars it
     */
    private function __construct(
        private readonly string $errorKey,
        string $message,
        public readonly ?Entry $before = null,
        public readonly ?Gate $gate = null,
        public readonly ?Claim $claim = null,
    ) {
        parent::__construct($message);
    }

    public static function notYet(NotYet $why): self
    {
        return new self('bench.not_yet', $why->text(), gate: $why->gate);
    }

    public static function ofOther(NotYet $why): self
    {
        return new self('bench.of_other', $why->text(), claim: $why->claim);
    }

    public static function enteredBefore(Entry $before): self
    {
        return new self(
            'bench.entered_before',
            'This is entered already. If it was different, correct that entry and say why.',
            $before,
        );
    }

    public static function nothingAgainst(): self
    {
        return new self('bench.nothing_against', 'Nothing speaks against this: enter it as usual.');
    }

    public static function timeNotSaid(): self
    {
        return new self('bench.time_not_said', 'Say when this was done: rests are counted from it.');
    }

    public static function notYetPast(): self
    {
        return new self('bench.time_not_past', 'This time is still to come. Enter when it was done.');
    }

    public static function onlyPaperSaysWhen(): self
    {
        return new self('bench.only_paper_says_when', 'At the bench the clock says when. A time is given only from the paper.');
    }

    public static function beforeIssue(): self
    {
        return new self('bench.time_before_issue', 'This time is before the order was issued. Look at day and time.');
    }

    public static function nothingPoured(): self
    {
        return new self('bench.nothing_poured', 'Nothing was poured, then: enter the amount, or that it could not be done.');
    }

    public static function engineReleased(string $label, Entry $release): self
    {
        return new self(
            'bench.engine_released',
            \sprintf('%s is released. A lead takes the release back before anything more is entered there.', $label),
            $release,
        );
    }

    public static function nothingDrained(): self
    {
        return new self('bench.nothing_drained', 'Nothing came out, then: look into the fitting. What was not measured is left empty.');
    }

    public static function moreDrained(string $drained, string $takes): self
    {
        return new self('bench.more_drained', \sprintf(
            '%s came out, and the engine takes %s. Measure it again. If it is so, there was fuel or water in it, or too much'
            .' oil: enter it as something that happened all the same.',
            $drained,
            $takes,
        ));
    }

    public static function otherCount(int $out, int $count): self
    {
        return new self('bench.other_count', \sprintf(
            'The sheet names %d of them, not %d. Count again, the hidden ones too. If this engine has another number, enter it'
            .' as something that happened all the same.',
            $count,
            $out,
        ));
    }

    public static function timeGoesBack(): self
    {
        return new self('bench.time_goes_back', 'This was done before what stands above it at this engine. Look at both times.');
    }

    public static function restIsCounted(): self
    {
        return new self('bench.rest_is_counted', 'The log counts how long the oil has rested: leave the minutes out.');
    }

    public static function moreThanItTakes(string $amount, string $capacity): self
    {
        return new self(
            'bench.more_than_it_takes',
            \sprintf('%s is more than this engine takes: its capacity is %s. Look at figure and unit.', $amount, $capacity),
        );
    }

    public static function moreThanPulled(string $amount, string $left): self
    {
        return new self(
            'bench.more_than_pulled',
            \sprintf('%s is more than there is: of what was pulled %s is left. Look at figure and unit.', $amount, $left),
        );
    }

    public static function otherUnit(string $typed, string $meant): self
    {
        return new self('bench.other_unit', \sprintf('%s was typed; the order says about %s. Which unit was it?', $typed, $meant));
    }

    public static function tooLateToTakeBack(int $seconds): self
    {
        return new self(
            'bench.too_late_to_take_back',
            \sprintf('An entry is taken back within %d s, and only the last one, by who made it. Correct it instead.', $seconds),
        );
    }

    public static function unknownStep(string $id): self
    {
        return new self('bench.unknown_step', \sprintf('This order has no step "%s".', $id));
    }

    public static function wrongKind(string $kind, string $asked): self
    {
        return new self('bench.wrong_kind', \sprintf('This step asks for "%s", not for "%s".', $asked, $kind));
    }

    public static function stopped(Stop $stop): self
    {
        return new self(
            'bench.stopped',
            \sprintf('The work is stopped: %s. It goes on once a decision is written down.', rtrim(lcfirst($stop->meaning), '.')),
        );
    }

    public static function nothingToDecide(): self
    {
        return new self('bench.nothing_to_decide', 'Nothing is stopped on this order, so there is nothing to decide.');
    }

    public static function topUpUnsettled(int $waitMin): self
    {
        return new self('bench.top_up_unsettled', \sprintf('No oil goes in on an unsettled reading. Wait %d min, read again and enter that reading first.', $waitMin));
    }

    public static function topUpUnasked(): self
    {
        return new self('bench.top_up_unasked', 'The last settled reading does not ask for oil. Read again if you doubt it.');
    }

    public static function topUpTooLarge(string $most): self
    {
        return new self('bench.top_up_too_large', \sprintf('The largest single top-up of this engine is %s. Pour that, rest, and read again.', $most));
    }

    public static function takeOutUnasked(): self
    {
        return new self('bench.take_out_unasked', 'The last settled reading does not ask for oil to be taken out. Read again if you doubt it.');
    }

    public static function filledBefore(Entry $before): self
    {
        $amount = $before->content->as(Amount::class)?->volume->inBothUnits() ?? '';

        return new self('bench.filled_before', \sprintf('Oil was poured in here already: %s. If that is wrong, correct that entry; what goes in besides is a top-up, after a reading.', $amount), $before);
    }

    public static function unknownWrench(string $name): self
    {
        return new self('bench.unknown_wrench', \sprintf('The shop has no torque wrench "%s". Choose the one that was used; if it is not the shop\'s, choose "%s" and say why.', $name, WrenchRules::OTHER));
    }

    public static function wrenchTooSmall(string $name, string $torque): self
    {
        return new self('bench.wrench_too_small', \sprintf('%s does not reach %s. Choose the wrench that was used.', $name, $torque));
    }

    /** @param string $why what is wrong with it */
    public static function wrenchWithoutReason(string $why): self
    {
        return new self('bench.wrench_without_reason', $why.' Use one that the figure asks for, or say why this one; it stands in the record.');
    }

    public static function notRunYet(): self
    {
        return new self('bench.not_run_yet', 'The engine has not run since it was filled: this reading would be too high. Run it, let it rest, then read.');
    }

    public static function countsDiffer(int $in, int $out): self
    {
        return new self('bench.counts_differ', \sprintf('%d went in and %d came out. Find the difference before anything is covered.', $in, $out));
    }

    public static function unknownEntry(string $uuid): self
    {
        return new self('bench.unknown_entry', \sprintf('There is no entry %s to correct.', $uuid));
    }

    public static function correctionWithoutReason(): self
    {
        return new self('bench.correction_without_reason', 'Say why the entry before is wrong: both stand in the log.');
    }

    public static function otherStep(): self
    {
        return new self('bench.other_step', 'A correction must belong to the same step as the entry it corrects.');
    }

    public static function answer(InvalidAnswer $error): self
    {
        return new self($error->errorKey(), $error->getMessage());
    }

    /** What is set is set within its limits. */
    public static function notSet(string $text, string $why): self
    {
        return new self('bench.not_set', \sprintf('%s. %s', ucfirst($text), $why));
    }

    public static function unknownFinding(): self
    {
        return new self('bench.unknown_finding', 'What this decides about is not in the log any more. Load the page again.');
    }

    public static function notLaidOut(string $number, string $title): self
    {
        return new self(
            'bench.not_laid_out',
            \sprintf('%s was not laid out for “%s”: it is fitted by the order, or not at all.', $number, $title),
        );
    }

    public static function partSaidBefore(Entry $before): self
    {
        $said = $before->content->asText();

        return new self('bench.part_said', \sprintf('“%s” was entered before. Correct that entry, and say why.', $said), before: $before);
    }

    public static function saidByPlace(string $number): self
    {
        return new self('bench.said_by_place', \sprintf('Whether %s went on is said where each of them is looked at.', $number));
    }

    public static function correctedByOther(): self
    {
        return new self(
            'bench.corrected_by_other',
            'What was measured, found or decided, and what became of a part, is corrected by another entry of its kind. '
                .'What was only a slip is taken back.',
        );
    }

    public static function moreThanLaidOut(string $number, int $count, int $laidOut): self
    {
        return new self('bench.more_than_laid_out', \sprintf(
            'Only %d of %s were laid out, not %d. Enter how many of them went on; what you took beside them belongs to the parts counter.',
            $laidOut,
            $number,
            $count,
        ));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
