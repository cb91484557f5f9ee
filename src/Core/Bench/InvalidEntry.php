<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Finding\Observation;

final class InvalidEntry extends \DomainException implements ExpectedError
{
    /** @param Entry|null $before what was entered already and bars it */
    private function __construct(private readonly string $errorKey, string $message, public readonly ?Entry $before = null)
    {
        parent::__construct($message);
    }

    public static function unknownStep(string $id): self
    {
        return new self('bench.unknown_step', \sprintf('This order has no step "%s".', $id));
    }

    public static function wrongKind(string $kind, string $asked): self
    {
        return new self('bench.wrong_kind', \sprintf('This step asks for "%s", not for "%s".', $asked, $kind));
    }

    public static function stopped(Observation $finding): self
    {
        return new self('bench.stopped', \sprintf('The work is stopped: %s. It goes on once the service writer or the manager has written down a decision.', lcfirst($finding->meaning())));
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
        $amount = $before->content->volume?->inBothUnits() ?? '';

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

    public static function otherStep(): self
    {
        return new self('bench.other_step', 'A correction must belong to the same step as the entry it corrects.');
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
